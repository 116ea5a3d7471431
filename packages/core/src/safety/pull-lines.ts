import { toDegrees } from '../units/units.js';
import type { CautionContext } from './caution.js';

/** A stretch of band that leaves an anchor, at one phase. */
export interface PullLine {
  /** Angle to the floor, degrees, 0 … 90. */
  readonly steepness_deg: number;
}

/** Every stretch of band from an anchor to something else, at every phase at which it pulls. */
export function* pullLines({
  setup,
  solved: { rig, buffers },
}: Pick<CautionContext, 'setup' | 'solved'>): Generator<PullLine> {
  const { samples } = rig.prepared;
  const up = setup.exercise.plane === 'transverse' ? rig.nodeZ : rig.nodeY;
  const [across, along] =
    setup.exercise.plane === 'transverse' ? [rig.nodeX, rig.nodeY] : [rig.nodeX, rig.nodeZ];
  const firstPoint = rig.prepared.contacts.kinds.length;
  const isPoint = (node: number): boolean =>
    node >= firstPoint && node < firstPoint + rig.points.length;
  for (let r = 0; r < rig.runs; r++) {
    const start = r * rig.capacity.pathNodes;
    const nodes = rig.path.subarray(start, start + (rig.pathLength[r] as number));
    const segments = rig.closed[r] === 1 ? nodes.length : nodes.length - 1;
    for (let s = 0; s < segments; s++) {
      const i = nodes[s] as number;
      const j = nodes[(s + 1) % nodes.length] as number;
      if (isPoint(i) === isPoint(j)) continue;
      for (let k = 0; k < samples; k++) {
        if ((buffers.strand_N[r * samples + k] as number) === 0) continue;
        const difference = (track: Float64Array): number =>
          (track[j * samples + k] as number) - (track[i * samples + k] as number);
        const level = Math.hypot(difference(across), difference(along));
        yield { steepness_deg: toDegrees(Math.atan2(Math.abs(difference(up)), level)) };
      }
    }
  }
}
