import { parseEquation } from '../../../matter/equation/parseEquation';
import { standingOf } from '../../../matter/equation/dissociate';
import { parseFormula } from '../../../matter/formula/parseFormula';
import { anhydrousFormula } from '../../../matter/formula/molarMass';
import type { Species } from '../../../matter/formula/species';
import { meaningOf } from '../../observation/observation';
import type { ToldStep } from '../../rack/mix';

/** Whether new substances come of what is done, as the engine computes it. */
export interface ExpectedChange {
  readonly change: 'chemical' | 'physical' | 'notPredicted';
  /** Equations of what makes new substances, or what keeps it physical, in words. */
  readonly because: readonly string[];
}

/**
 * Whether what is done makes substances that were not there. Dissolving, crystallising, melting, evaporating and mixing give the
 * same substances in another state; so does taking up water that is only water of solution. A colour that heat alone makes is
 * physical, too.
 *
 * @param steps what was done in one vessel, told by the engine, in order.
 * @example expectedChange(mix(silverAndChloride).steps.slice(1)).change // 'chemical'
 */
export function expectedChange(
  steps: readonly Pick<
    ToldStep,
    'reactions' | 'unwritten' | 'observations' | 'notPredicted' | 'state'
  >[],
): ExpectedChange {
  const last = steps.at(-1)?.state;
  const there: There = {
    solids: (last?.solids ?? []).map(({ formula }) => dry(formula)),
    put: (last?.put ?? []).map(dry),
  };
  const equations = steps.flatMap(({ reactions }) => {
    const told = reactions.map((reaction) => ({
      reaction,
      kind: kindOf(reaction.netIonic, there),
    }));
    const dissolvedMmol = Math.max(
      0,
      ...told.map(({ reaction, kind }) => (kind === 'dissolving' ? reaction.extentMmol : 0)),
    );
    return told
      .filter(
        ({ reaction, kind }) =>
          kind === 'new' && reaction.extentMmol > besideDissolving * dissolvedMmol,
      )
      .map(({ reaction }) => reaction.equation);
  });
  const proofs = steps.flatMap(({ observations }) =>
    observations.flatMap((one) => meaningOf(one).proves?.(one) ?? []),
  );
  const because = [
    ...new Set([...equations, ...steps.flatMap(({ unwritten }) => unwritten), ...proofs]),
  ];
  if (because.length > 0) return { change: 'chemical', because };
  const notPredicted = steps.flatMap((step) => step.notPredicted);
  return notPredicted.length > 0
    ? { change: 'notPredicted', because: notPredicted }
    : {
        change: 'physical',
        because: ['every substance is still there: only states and mixtures change'],
      };
}

/** Up to this share of what dissolves, hand-overs of protons beside it are the solution’s own (common practice). */
const besideDissolving = 0.2;

/** What the vessel holds in the end and what was put into it, without crystal water. */
interface There {
  readonly solids: readonly string[];
  readonly put: readonly string[];
}
const dry = (formula: string): string => anhydrousFormula(parseFormula(formula));

/** Whether an equation has other substances on its right than on its left, and if not, whether something dissolves. */
function kindOf(netIonic: string, there: There): 'new' | 'dissolving' | 'same' {
  const { reactants, products } = parseEquation(netIonic);
  if (isDissolving(reactants, products)) return 'dissolving';
  // What comes out was put in before: it only crystallises.
  const crystallises =
    isDissolving(products, reactants) &&
    products.every((one) => there.put.includes(anhydrousFormula(one)));
  return crystallises ||
    isIonising(reactants, products) ||
    isTakingUpWater(reactants, products, there)
    ? 'same'
    : 'new';
}

const phaseOf = (species: Species): string => {
  const standing = standingOf(species);
  return standing.kind === 'whole' ? standing.phase : standing.kind;
};
const inSolution = (species: Species): boolean =>
  ['ions', 'ion', 'molecule'].includes(phaseOf(species));

/** One solid, and on the other side nothing but what it falls into in water. */
const isDissolving = (one: readonly Species[], others: readonly Species[]): boolean =>
  one.length === 1 &&
  one[0] !== undefined &&
  phaseOf(one[0]) === 'solid' &&
  others.every(inSolution);

/** A dissolved molecule that hands a proton to water or takes one: what it does in every solution of its own. */
function isIonising(left: readonly Species[], right: readonly Species[]): boolean {
  const solutes = left.filter(({ formula }) => formula !== 'H2O');
  return (
    solutes.length === 1 &&
    left.length === 2 &&
    [...left, ...right].every((one) => one.formula === 'H2O' || inSolution(one))
  );
}

/** A solid that takes up water and goes into solution, so that no crystals of the hydrate are left to see. */
function isTakingUpWater(
  left: readonly Species[],
  right: readonly Species[],
  { solids }: There,
): boolean {
  const [hydrate] = right;
  const [solid] = left.filter(({ formula }) => formula !== 'H2O');
  return (
    right.length === 1 &&
    left.length === 2 &&
    hydrate !== undefined &&
    solid !== undefined &&
    anhydrousFormula(hydrate) === anhydrousFormula(solid) &&
    !solids.includes(anhydrousFormula(solid))
  );
}
