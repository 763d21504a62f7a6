import { hazardsOf } from '../../safety/hazards';
import { wasteRoute } from '../../safety/wasteRoute';
import type { WasteRoute } from '../../safety/wasteRoute';
import { findSubstance } from '../../matter/substances/findSubstance';
import { commonPractice } from '../../matter/substances/source';
import type { Action, VesselSetup } from '../../vessel/action';
import { isWater } from '../../matter/substances/isWater';
import type { AnyPortion } from '../../vessel/portion';
import { isConcentrated, stressWords } from './stress';
import type { Stress } from './stress';

/** What deserves care in shifting a mixture. */
export interface ShiftCautions {
  readonly lines: readonly string[];
  readonly hazards: readonly {
    readonly formula: string;
    readonly signal?: string;
    readonly statements: readonly string[];
  }[];
  readonly waste: WasteRoute;
}

export const fumesSource = commonPractice(
  'concentrated reagents that fume, and how they are poured',
);

/** Reagents that fume when concentrated. */
const fuming: readonly string[] = ['HCl', 'NH3', 'HNO3', 'HBr'];
/** Statements that a class must hear before anything is opened: toxic, sensitising, cancer, burns. */
const grave = /^H(3[0-3]\d|314|317|318|334|34\d|35\d|36\d|37\d|41\d|410)/;

/** The cautions for a mixture, what is done to it and what stands ready. */
export function shiftCautions(
  vessel: VesselSetup,
  actions: readonly Action[],
  stresses: readonly Stress[],
): ShiftCautions {
  const portions = [
    ...vessel.contents,
    ...actions.flatMap((action) => (action.do === 'add' ? [action.portion] : [])),
  ];
  const used = [...new Set([...portions.flatMap(substanceOf), ...stresses.flatMap(substanceIn)])];
  const strong = stresses.filter((one) => isConcentrated(one));
  const lines = strong.flatMap((one) => {
    const [formula = ''] = substanceIn(one);
    const name = stressWords(one);
    return fuming.includes(formula)
      ? [
          `${name} fumes: in a hood, from a dropping bottle, closed again at once; its vapour attacks eyes and lungs.`,
        ]
      : [`${name} is concentrated: goggles and gloves, a little at a time.`];
  });
  const isAcid = strong.some((one) => Object.keys(ionsIn(one)).includes('H^+'));
  if (isAcid && stresses.some((one) => 'water' in one))
    lines.push(
      'Water into concentrated acid spatters and warms: pour it slowly down a rod, stirring, the face away.',
    );
  return {
    lines,
    hazards: used.flatMap((formula) => {
      const { signal, statements } = hazardsOf(formula);
      const told = statements.filter(({ code }) => grave.test(code)).map(({ text }) => text);
      return told.length > 0 ? [{ formula, ...(signal && { signal }), statements: told }] : [];
    }),
    waste: wasteRoute(used),
  };
}

function substanceOf(portion: AnyPortion): string[] {
  if ('indicator' in portion) return [];
  const name = 'gas' in portion ? portion.gas : portion.substance;
  return isWater(name) ? [] : [findSubstance(name).substance.formula];
}

function substanceIn(stress: Stress): string[] {
  if ('solution' in stress) return [findSubstance(stress.solution).substance.formula];
  if ('solid' in stress) return [findSubstance(stress.solid).substance.formula];
  return 'gas' in stress ? [findSubstance(stress.gas).substance.formula] : [];
}

function ionsIn(stress: Stress): Readonly<Record<string, number>> {
  return 'solution' in stress ? findSubstance(stress.solution).substance.ions : {};
}
