import { parseFormula } from '../formula/parseFormula';
import { shelf } from './data/shelf';
import { sparinglySoluble } from './data/sparinglySoluble';
import { strongElectrolytes } from './data/namedSubstances';
import { chargeOf, ionsOf } from './ionsOf';
import { greatestCommonDivisor } from '../formula/greatestCommonDivisor';

const listed: readonly string[] = [
  ...shelf.map(({ formula }) => formula),
  ...sparinglySoluble.map(({ formula }) => formula),
  ...strongElectrolytes.formulae,
];
const byIons = new Map<string, string>();
for (const formula of listed) {
  const ions = Object.keys(ionsOf(formula) ?? {});
  const key = ions.join(' ');
  if (ions.length === 2 && !isOxide(formula) && !byIons.has(key)) byIons.set(key, formula);
}

/** Oxides are tabulated with the hydroxide they bring into water; they are no hydroxides. */
function isOxide(formula: string): boolean {
  return 'OH^-' in (ionsOf(formula) ?? {}) && !parseFormula(formula).elements.H;
}

/**
 * The neutral salt of a cation and an anion, spelled as the tables spell it where they hold it.
 *
 * @example saltOf('Cu^2+', 'NO3^-') // 'Cu(NO3)2'
 */
export function saltOf(cation: string, anion: string): string {
  const listedFormula = byIons.get(`${cation} ${anion}`);
  if (listedFormula) return listedFormula;
  const [positive, negative] = [chargeOf(cation), -chargeOf(anion)];
  const common = greatestCommonDivisor(positive, negative);
  return part(cation, negative / common) + part(anion, positive / common);
}

function part(ion: string, count: number): string {
  const body = ion.replace(/\^.*$/, '');
  if (count === 1) return body;
  const [first] = parseFormula(ion).parts;
  const single = first?.nodes.length === 1 && first.nodes[0]?.count === 1;
  return single ? `${body}${count}` : `(${body})${count}`;
}
