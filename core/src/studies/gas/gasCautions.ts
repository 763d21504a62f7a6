import { capital } from '../../common/capital';
import { exposureLimits } from '../../matter/substances/data/exposureLimits';
import { gasPropertiesOf } from '../../matter/substances/gas';
import { deferral } from '../../safety/hazards';
import { gasName } from './findGas';

const limited = new Set<string>(exposureLimits.map(({ gas }) => gas));
/** Gases with an exposure limit that nobody keeps in a hood for its own sake. */
const mild = new Set(['CO2', 'N2O']);

/** What is said of a gas before it is made, the gravest first; the local rules come last. */
export function gasCautions(gas: string): string[] {
  const row = gasPropertiesOf(gas);
  if (!row) return [];
  const name = gasName(gas);
  const first = capital(name);
  return [
    `${first}: ${row.hazard}.`,
    ...(limited.has(gas) && !mild.has(gas)
      ? ['Small scale, in the hood; people with asthma stay away.']
      : []),
    ...(row.litSplint === 'pops' || row.litSplint === 'burns'
      ? ['No flame near the apparatus; only a tube carried away from it is lit.']
      : []),
    ...(row.relights ? ['Keep what burns away from it.'] : []),
    ...(row.smell && limited.has(gas)
      ? [`It may be noticed by its smell (${row.smell}); do not smell at it.`]
      : []),
    deferral,
  ];
}
