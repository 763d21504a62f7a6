import type { Observation } from '../observation/observation';
import { flameColours } from '../../matter/substances/data/flameColours';
import { componentsIn } from '../../vessel/vessel';
import type { Vessel } from '../../vessel/vessel';

/** How many times brighter than another a colour must be to hide it (common practice). */
const hides = 10;

/** A clean loop dipped into the contents and held into a flame: the strongest colour shows and hides the weaker ones. */
export function flame({ phases }: Vessel): Observation {
  const parts = [componentsIn(phases.solution, 'solution'), componentsIn(phases.solids, 'solids')];
  const shown = flameColours
    .map((row) => ({ row, n: parts.reduce((sum, part) => sum + (part[row.ion] ?? 0), 0) }))
    .filter(({ row, n }) => n >= row.fromMmol)
    .map(({ row, n }) => ({ row, force: row.strength * n }))
    .sort((a, b) => b.force - a.force);
  const [first, ...others] = shown;
  if (!first) return { kind: 'flame', result: 'no colour beyond that of the flame' };
  const hidden = others
    .filter(({ force }) => force * hides < first.force)
    .map(({ row }) => row.ion);
  const beside = others.filter(({ force }) => force * hides >= first.force);
  const result = [
    first.row.words,
    ...beside.map(({ row }) => `with ${row.words} (${row.ion})`),
    ...(hidden.length > 0 ? [`it hides ${hidden.join(', ')}`] : []),
  ].join('; ');
  return { kind: 'flame', formula: first.row.ion, colour: first.row.colour, result };
}
