import { runOtter } from '../src/otter.js';

const SETUP = {
  format: 'wiry-otter.setup',
  version: 1,
  body: { stature_m: 1.75, mass_kg: 72 },
  exercise: 'curl',
  points: {},
  bands: [
    { id: 'slim', kind: 'loop', flatLength_m: 1.04, law: { c1_N: 12, c2_N: 9.6, c3_N: 0.1 } },
  ],
  runs: [{ band: 'slim', path: ['soleL', 'gripL', 'gripR', 'soleR'] }],
};

describe('otter', () => {
  it('solves a set-up whose exercise is a catalogue id', () => {
    const answer = runOtter(['solve'], JSON.stringify(SETUP));
    expect(answer.exitCode).toBe(0);
    expect(answer.stderr).toBe('');
    const solution = JSON.parse(answer.stdout) as { format: string; demand: number[] };
    expect(solution.format).toBe('wiry-otter.solution');
    expect(solution.demand.length).toBe(41);
  });

  it('takes a document with a byte order mark', () => {
    expect(runOtter(['solve'], `\uFEFF${JSON.stringify(SETUP)}`).exitCode).toBe(0);
  });

  it('answers a bad document with one line per fault and nothing on stdout', () => {
    const bad = { ...SETUP, body: { stature_m: -1, mass_kg: 0 }, 'odd\nkey': 1 };
    const answer = runOtter(['solve'], JSON.stringify(bad));
    expect(answer).toEqual({
      exitCode: 2,
      stdout: '',
      stderr: [
        '$.body.stature_m: found -1, expected more than 0',
        '$.body.mass_kg: found 0, expected more than 0',
        '$["odd\\nkey"]: found unknown key "odd key", expected no such key',
        '',
      ].join('\n'),
    });
  });

  it('reports names only once the form is right', () => {
    const bad = { ...SETUP, runs: [{ band: 'slimm', path: ['soleL', 'gripX'] }] };
    const lines = runOtter(['solve'], JSON.stringify(bad)).stderr.trim().split('\n');
    expect(lines.map((line) => line.split(':')[0])).toEqual([
      '$.runs[0].band',
      '$.runs[0].path[1]',
    ]);
  });

  it('says what it cannot read, what it does not know and what is to come', () => {
    expect(runOtter(['solve'], '{"a":').stderr).toContain('$: found text that is no JSON');
    expect(runOtter(['dance'], '{}').stderr).toContain('found "dance", expected solve | calibrate');
    expect(runOtter(['find'], '{}').stderr).toContain('"find", not offered yet');
    expect(runOtter(['toString'], '{}').exitCode).toBe(2);
    expect(runOtter([], '').stderr).toContain('found no command');
  });
});
