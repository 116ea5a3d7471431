import {
  type Band,
  type CautionContext,
  findCautions,
  type Grade,
  type Material,
  rigSetup,
  type Setup,
  type Softening,
} from '../src/index.js';
import { ROW, setupOf } from './support/arbitraries.js';

const END_HELD = ['anchor', 'gripL', 'gripR'];

interface Case {
  readonly distance_m?: number;
  readonly height_m?: number;
  readonly strength?: number;
  readonly limit?: number;
  readonly grade?: Grade;
  readonly retired?: boolean;
  readonly material?: Material;
  readonly inspectionDue?: boolean;
  readonly softening?: Softening;
  readonly latexAllergy?: boolean;
  readonly flatLengths?: readonly number[];
  readonly anchor?: CautionContext['anchor'];
  readonly clearance?: CautionContext['clearance'];
}

function contextOf(options: Case): CautionContext {
  const {
    distance_m = 1.9,
    height_m = 1.2,
    strength = 1,
    limit = 2.5,
    grade = 'measured',
  } = options;
  const bands: Band[] = (options.flatLengths ?? [1.04]).map((flatLength_m, i) => ({
    id: `b${i}`,
    kind: 'loop',
    flatLength_m,
    law: { c1_N: 12 * strength, c2_N: 10 * strength, c3_N: 0.1 * strength },
    limit,
  }));
  const setup: Setup = {
    ...setupOf(ROW, bands, END_HELD),
    points: { anchor: [distance_m, height_m, 0] },
  };
  const rigged = rigSetup(setup);
  if (!rigged.ok) throw new Error('no rig');
  return {
    setup,
    plane: 'sagittal',
    solved: rigged.value,
    anchor: options.anchor ?? 'wall',
    clearance: options.clearance,
    latexAllergy: options.latexAllergy,
    bands: bands.map(({ id, flatLength_m }) => ({
      id,
      title: `Band ${id}`,
      grade,
      retired: options.retired ?? false,
      flatLength_m,
      material: options.material ?? 'latexLayered',
      inspectionDue: options.inspectionDue ?? false,
      softening: options.softening ?? null,
    })),
  };
}

const rulesOf = (options: Case): string[] =>
  findCautions(contextOf(options)).map(({ rule }) => rule);

describe('cautions', () => {
  it('are silent for a sound set-up', () => {
    expect(rulesOf({})).toEqual([]);
  });

  it('stretch-limit names the least distance that cures it, and it does', () => {
    const [caution] = findCautions(contextOf({ distance_m: 2.9 }));
    expect(caution?.rule).toBe('stretch-limit');
    const closer_m = caution?.cure?.closer_m ?? 0;
    expect(closer_m).toBeGreaterThan(0);
    expect(rulesOf({ distance_m: 2.9 - closer_m })).not.toContain('stretch-limit');
    expect(rulesOf({ distance_m: 2.9 - closer_m + 0.01 })).toContain('stretch-limit');
  });

  it('stretch-limit leaves the solved rig as it was', () => {
    const context = contextOf({ distance_m: 2.9 });
    const before = Array.from(context.solved.buffers.signed);
    findCautions(context);
    expect(Array.from(context.solved.buffers.signed)).toEqual(before);
  });

  it('stretch-high warns within 5 % of the limit, not below', () => {
    const peak = contextOf({}).solved.summary.peakStretch;
    expect(rulesOf({ limit: peak / 0.96 })).toContain('stretch-high');
    expect(rulesOf({ limit: peak / 0.94 })).not.toContain('stretch-high');
  });

  it('slack-start warns when the band hangs loose at the start', () => {
    expect(rulesOf({ distance_m: 1.35 })).toContain('slack-start');
  });

  it('label-only warns of the grade label alone', () => {
    expect(rulesOf({ grade: 'label' })).toEqual(['label-only']);
    expect(rulesOf({ grade: 'partial' })).toEqual([]);
  });

  it('band-state refuses a retired band', () => {
    expect(rulesOf({ retired: true })).toEqual(['band-state']);
  });

  it('latex refuses latex for the allergic alone, fabric with latex threads too', () => {
    expect(rulesOf({ latexAllergy: true })).toEqual(['latex']);
    expect(rulesOf({ latexAllergy: true, material: 'fabric' })).toEqual(['latex']);
    expect(rulesOf({ latexAllergy: true, material: 'synthetic' })).toEqual([]);
    expect(rulesOf({ latexAllergy: false })).toEqual([]);
  });

  it('inspection-due warns of a band whose walk is due', () => {
    expect(rulesOf({ inspectionDue: true })).toEqual(['inspection-due']);
  });

  it('soft-band warns of a soft band and says by how much', () => {
    const softening = { share: 0.17, std: 0.03, soft: true };
    const [caution] = findCautions(contextOf({ softening }));
    expect(caution?.rule).toBe('soft-band');
    expect(caution?.text).toContain('17 %');
    expect(rulesOf({ softening: { ...softening, share: 0.1, soft: false } })).toEqual([]);
  });

  it('mixed-lengths notes flat lengths more than 3 % apart', () => {
    expect(rulesOf({ flatLengths: [1, 1.03] })).toEqual([]);
    expect(rulesOf({ flatLengths: [1, 1.04] })).toEqual(['mixed-lengths']);
  });

  it('let-go and hands speak of hard pulls', () => {
    expect(rulesOf({ strength: 5 })).toContain('let-go');
    expect(rulesOf({ strength: 6 })).toContain('hands');
  });

  it('face-line warns when the line of pull comes near the head', () => {
    expect(rulesOf({ height_m: 0.5 })).toContain('face-line');
  });

  it('face-line refuses where the studio has the rule "eyes"', () => {
    const levelOf = (eyesRule: boolean): string | undefined =>
      findCautions({ ...contextOf({ height_m: 0.5 }), eyesRule }).find(
        ({ rule }) => rule === 'face-line',
      )?.level;
    expect(levelOf(false)).toBe('warn');
    expect(levelOf(true)).toBe('refuse');
  });

  it('door-side asks at a door', () => {
    expect(rulesOf({ anchor: 'door' })).toEqual(['door-side']);
  });

  it('condition refuses where clearance is needed and missing', () => {
    expect(rulesOf({ clearance: { needed: true, valid: false } })).toEqual(['condition']);
    expect(rulesOf({ clearance: { needed: true, valid: true } })).toEqual([]);
  });
});
