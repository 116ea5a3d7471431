import { findExercise } from '@wiry-otter/catalogue';
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
        '$.body.stature_m: found -1, expected at least 0.5',
        '$.body.mass_kg: found 0, expected at least 10',
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

  it('says what it cannot read and what it does not know', () => {
    expect(runOtter(['solve'], '{"a":').stderr).toContain('$: found text that is no JSON');
    expect(runOtter(['dance'], '{}').stderr).toContain(
      'found "dance", expected solve | find | ladder | calibrate',
    );
    expect(runOtter(['toString'], '{}').exitCode).toBe(2);
    expect(runOtter([], '').stderr).toContain('found no command');
  });

  describe('finds', () => {
    const { runs: _runs, ...setup } = SETUP;
    const SEARCH = {
      format: 'wiry-otter.search',
      version: 1,
      setup,
      routes: [{ id: 'both', path: ['soleL', 'gripL', 'gripR', 'soleR'] }],
      reach: { takeUp: true, values_m: [0, 0.2, 0.4] },
      target: { metric: 'mean', value: 12 },
      limits: { maxBands: 2, stretch: 2.5 },
    };
    const answerTo = (part: object) => runOtter(['find'], JSON.stringify({ ...SEARCH, ...part }));

    it('the best candidates, of an exercise by its catalogue id', () => {
      const answer = answerTo({});
      expect(answer.stderr).toBe('');
      const found = JSON.parse(answer.stdout) as { format: string; top: { key: string }[] };
      expect(found.format).toBe('wiry-otter.found');
      expect(found.top[0]?.key).toMatch(/^[012]\|slim:both$/);
    });

    it('a ladder, and names what is amiss with one', () => {
      const ladder = (target: object) => {
        const { target: _target, ...space } = SEARCH;
        const document = { ...space, format: 'wiry-otter.ladder', target };
        return runOtter(['ladder'], JSON.stringify(document));
      };
      const answer = ladder({ metric: 'mean', from: 8, to: 20, step: 0.2 });
      const { format, gaps, rungs } = JSON.parse(answer.stdout) as {
        format: string;
        rungs: { value: number }[];
        gaps: { below: number; above: number }[];
      };
      expect(format).toBe('wiry-otter.rungs');
      expect(rungs.length).toBeGreaterThan(1);
      expect(gaps.every(({ above, below }) => above > 1.2 * below)).toBeTrue();
      const amiss = (target: object): string => ladder(target).stderr;
      expect(amiss({ metric: 'mean', from: 8, to: 20, step: 0 })).toContain(
        '$.target.step: found 0',
      );
      expect(amiss({ metric: 'mean', from: 8, to: 0, step: 1 })).toContain('$.target.to: found 0');
      expect(amiss({ metric: 'mean', from: 20, to: 8, step: 0.1 })).toContain('$.target.to: ');
    });

    it('nothing in an empty kit', () => {
      const answer = answerTo({ setup: { ...setup, bands: [] } });
      expect(JSON.parse(answer.stdout)).toEqual(jasmine.objectContaining({ feasible: 0, top: [] }));
    });

    for (const [what, part, line] of [
      ['a target of nothing', { target: { metric: 'mean', value: 0 } }, '$.target.value: found 0'],
      ['no value of the reach', { reach: { takeUp: true, values_m: [] } }, '$.reach.values_m: '],
      [
        'more values than are gone through',
        { reach: { takeUp: true, values_m: Array.from({ length: 10_000 }, (_, i) => i / 1e5) } },
        '$.reach.values_m: found a list of 10000 entries',
      ],
      ['runs, which it lays itself', { setup: SETUP }, '$.setup.runs: found unknown key'],
      ['an exercise nobody knows', { setup: { ...setup, exercise: 'row2' } }, '$.setup.exercise: '],
      [
        'help of an exercise without body weight',
        { target: { metric: 'assistMean', value: 0.3 } },
        '$.target.metric: ',
      ],
      [
        'a count of too many sets',
        {
          setup: {
            ...setup,
            bands: Array.from({ length: 200 }, (_, i) => ({ ...setup.bands[0], id: `b${i}` })),
          },
          limits: { maxBands: 12, stretch: 2.5 },
        },
        '$.limits.maxBands: ',
      ],
    ] as const) {
      it(`nothing where the document has ${what}, and says so`, () => {
        const answer = answerTo(part);
        expect(answer.exitCode).toBe(2);
        expect(answer.stdout).toBe('');
        expect(answer.stderr).toContain(line);
      });
    }
  });

  describe('refuses a bad exercise, with path and reason', () => {
    const EXERCISE = findExercise('curl');
    const answerTo = (part: object, setup: object = {}): ReturnType<typeof runOtter> =>
      runOtter(
        ['solve'],
        JSON.stringify({ ...SETUP, ...setup, exercise: { ...EXERCISE, ...part } }),
      );
    const [start, end] = EXERCISE?.poses ?? [];
    const { upperArm: _u, forearm: _f, ...armless } = { ...start };

    const CASES: readonly [string, object, object, RegExp][] = [
      [
        'a hand out of reach',
        {
          poses: [
            { ...armless, phase: 0, hand: [0.9, 0] },
            { ...armless, phase: 1, hand: [0.3, 0] },
          ],
        },
        {},
        /^\$\.exercise\.poses.*: found hand 0\.9000 statures.*, expected /,
      ],
      [
        'a figure that is none',
        // JSON has no NaN: what writes one writes null or a word.
        { poses: [{ ...start, trunk: NaN }, end] },
        {},
        /^\$\.exercise\.poses\[0\]\.trunk: found null, expected /,
      ],
      [
        'a contact that nobody has',
        { demand: { kind: 'contact', at: ['gripL', 'tail'] } },
        {},
        /^\$\.exercise\.demand\.at\[1\]: found "tail", expected /,
      ],
      [
        'a pose list of ten megabytes',
        { poses: Array.from({ length: 300_000 }, (_, i) => ({ ...start, phase: i / 299_999 })) },
        {},
        /^\$\.exercise\.poses: found .*300.?000.*, expected .*1000/,
      ],
      [
        'more links than anybody hangs',
        {},
        { links: Object.fromEntries(Array.from({ length: 500 }, (_, i) => [`l${i}`, [1, 1, 0]])) },
        /^\$\.links: found .*500.*, expected /,
      ],
      [
        'a link that is guessed beyond the earth',
        {},
        { links: { knot: [1e150, 1, 0] }, runs: [{ band: 'slim', path: ['knot', 'gripL'] }] },
        /^\$\.links\.knot\[0\]: found 1e\+150, expected /,
      ],
      [
        'a link that no band passes',
        {},
        { links: { knot: [0, 1, 0] } },
        /^\$\.links\.knot: found .*, expected /,
      ],
      [
        'links in a ring',
        {},
        {
          links: { a: [0, 1, 0], b: [0, 1.2, 0] },
          runs: [{ band: 'slim', path: ['a', 'b'] }],
        },
        /^\$\.links\.a: found runs in a ring through/,
      ],
    ];
    for (const [title, exercise, setup, words] of CASES) {
      it(title, () => {
        const answer = answerTo(exercise, setup);
        expect(answer.exitCode).toBe(2);
        expect(answer.stdout).toBe('');
        expect(answer.stderr).toMatch(words);
      });
    }
  });
});
