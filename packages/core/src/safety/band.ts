import type { Material } from '../care/inspection.js';
import type { BandFacts, CautionContext, CautionRule } from './caution.js';

/** Whether a band of this material has latex in it; fabric-covered bands have latex threads inside. */
export function hasLatex(material: Material): boolean {
  return LATEX.has(material);
}

const LATEX: ReadonlySet<Material> = new Set<Material>(['latexLayered', 'latexMoulded', 'fabric']);

/** Refuses a band that has been retired or failed its inspection. */
export const bandState: CautionRule = {
  id: 'band-state',
  level: 'refuse',
  check: (context) => {
    // A nick, a tear and a failed inspection retire a band.
    const retired = usedBands(context).find((band) => band.retired);
    if (retired === undefined) return undefined;
    return {
      rule: 'band-state',
      level: 'refuse',
      text: `${retired.title} is retired: do not use it, replace it.`,
      figures: { band: retired.id },
    };
  },
};

/** Refuses latex for a person allergic to it; fabric-covered bands have latex threads inside. */
export const latex: CautionRule = {
  id: 'latex',
  level: 'refuse',
  check: (context) => {
    if (!context.person.latexAllergy) return undefined;
    const bands = usedBands(context).filter(({ material }) => hasLatex(material));
    if (bands.length === 0) return undefined;
    const titles = titlesOf(bands);
    return {
      rule: 'latex',
      level: 'refuse',
      text: `Latex allergy on file: ${titles} ${bands.length === 1 ? 'has' : 'have'} latex. Use latex-free bands.`,
      figures: { bands: titles },
    };
  },
};

/** Warns when a band's inspection is due by days or by stretch cycles. */
export const inspectionDue: CautionRule = {
  id: 'inspection-due',
  level: 'warn',
  check: (context) => {
    const due = usedBands(context).filter((band) => band.inspectionDue);
    if (due.length === 0) return undefined;
    const titles = titlesOf(due);
    return {
      rule: 'inspection-due',
      level: 'warn',
      text: `${titles}: inspection due. Look along both edges and at the hitch area, stretched to ×1.5.`,
      figures: { bands: titles },
    };
  },
};

/** Warns of a band that pulls more than 12 % less than when it was first measured. */
export const softBand: CautionRule = {
  id: 'soft-band',
  level: 'warn',
  check: (context) => {
    const soft = usedBands(context).filter((band) => band.softening?.soft === true);
    if (soft.length === 0) return undefined;
    const words = soft.map(
      ({ title, softening }) => `${title} by ${Math.round(100 * (softening?.share ?? 0))} %`,
    );
    return {
      rule: 'soft-band',
      level: 'warn',
      text: `Softer than when first measured: ${words.join(', ')}. It is ageing; measure it again or retire it.`,
      figures: { bands: titlesOf(soft) },
    };
  },
};

function usedBands({ setup, bands }: CautionContext): BandFacts[] {
  return bands.filter(({ id }) => setup.runs.some((run) => run.band === id));
}

function titlesOf(bands: readonly BandFacts[]): string {
  return bands.map(({ title }) => title).join(', ');
}
