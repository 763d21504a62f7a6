import type { Species } from '../formula/species';
import { ionsOf } from '../substances/ionsOf';
import { standingOf } from './dissociate';
import type { OxidationChange } from './oxidationNumbers';

/** The five classical types. */
export const fiveTypeNames = [
  'combination',
  'decomposition',
  'single displacement',
  'double displacement',
  'combustion',
] as const;
export type FiveType = (typeof fiveTypeNames)[number];

/** What drives a reaction. */
export type DrivingForce = 'precipitation' | 'acid–base' | 'gas' | 'redox' | 'complexation';

/** An equation's type in both schools. */
export interface ReactionTypes {
  readonly five: readonly FiveType[];
  readonly drivingForce: readonly DrivingForce[];
}

/**
 * Classifies a balanced equation in the five-type school (by the shape of the equation) and in the
 * driving-force school (by what leaves the solution or what is handed over). An equation can belong to several,
 * or in the five-type school to none.
 */
export function reactionTypes(
  reactants: readonly Species[],
  products: readonly Species[],
  changes: readonly OxidationChange[] | undefined,
): ReactionTypes {
  return {
    five: fiveTypes(reactants, products, changes),
    drivingForce: drivingForces(reactants, products, changes),
  };
}

const isElement = ({ elements, charge }: Species): boolean =>
  Object.keys(elements).length === 1 && charge === 0;

const burns = (one: Species): boolean =>
  isElement(one) ||
  (('C' in one.elements || 'H' in one.elements) &&
    one.formula !== 'H2O' &&
    !('OH^-' in (ionsOf(one.formula) ?? {})));

function fiveTypes(
  reactants: readonly Species[],
  products: readonly Species[],
  changes: readonly OxidationChange[] | undefined,
): FiveType[] {
  const types: FiveType[] = [];
  if (reactants.some(({ formula }) => formula === 'O2') && reactants.length > 1) {
    const fuel = reactants.filter(({ formula }) => formula !== 'O2');
    // Burning makes no ions: what air does in water is slow oxidation.
    const isDry = [...reactants, ...products].every(({ charge }) => charge === 0);
    if (isDry && fuel.every(burns)) types.push('combustion');
  }
  if (products.length === 1 && reactants.length > 1) types.push('combination');
  if (reactants.length === 1 && products.length > 1) types.push('decomposition');
  if (reactants.length === 2 && products.length === 2) {
    const [elementsIn, elementsOut] = [reactants.filter(isElement), products.filter(isElement)];
    if (elementsIn.length === 1 && elementsOut.length === 1 && changes?.length !== 0)
      types.push('single displacement');
  }
  const compounds = [...reactants, ...products].every((one) => !isElement(one));
  // Water taken into the solid does not count as a partner; carbon dioxide is what carbonic acid falls into.
  const partners = reactants.filter(({ formula }) => formula !== 'H2O');
  if (partners.length === 2 && products.length > 1 && compounds && changes?.length === 0)
    types.push('double displacement');
  return types;
}

function drivingForces(
  reactants: readonly Species[],
  products: readonly Species[],
  changes: readonly OxidationChange[] | undefined,
): DrivingForce[] {
  const forces: DrivingForce[] = [];
  const phase = (species: Species): string => {
    const standing = standingOf(species);
    return standing.kind === 'whole' ? standing.phase : standing.kind;
  };
  const fromSolution = reactants.every((one) => ['ions', 'ion', 'molecule'].includes(phase(one)));
  const redox = changes !== undefined && changes.length > 0;
  if (fromSolution && !redox && products.some((one) => phase(one) === 'solid'))
    forces.push('precipitation');
  if (!redox && transfersProton(reactants, products)) forces.push('acid–base');
  if (products.some((one) => phase(one) === 'gas')) forces.push('gas');
  if (redox) forces.push('redox');
  if (products.some(isNewComplex(reactants))) forces.push('complexation');
  return forces;
}

function transfersProton(reactants: readonly Species[], products: readonly Species[]): boolean {
  const acids = (side: readonly Species[]) => side.filter((one) => isProtonDonor(one)).length;
  const water = products.some(({ formula }) => formula === 'H2O');
  const donor = acids(reactants) > 0;
  return donor && (water || acids(products) > 0) && reactants.length > 1;
}

function isProtonDonor(species: Species): boolean {
  if (species.formula === 'H^+' || species.formula === 'H3O^+' || species.formula === 'CH3COOH')
    return true;
  const content = ionsOf(species.formula);
  return content !== undefined && 'H^+' in content;
}

/** A charged metal species with more than one kind of atom that was not there before. */
const isNewComplex =
  (reactants: readonly Species[]) =>
  ({ formula, charge, parts }: Species): boolean => {
    const [first] = parts;
    const bracketed = first?.nodes.some((node) => 'group' in node && node.bracket === '[') ?? false;
    const ligands = first?.nodes.some((node) => 'group' in node && node.count > 1) ?? false;
    return (
      (bracketed || (charge !== 0 && ligands)) &&
      !reactants.some((other) => other.formula === formula)
    );
  };
