import type { Observation } from '../observation/observation';
import { handbook } from '../substances/source';
import type { Vessel } from '../vessel/vessel';

/** Solids a hand magnet lifts at room temperature. */
const lifted = ['Fe', 'Co', 'Ni', 'Fe3O4'];
export const magnetSource = handbook(
  'CRC Handbook of Chemistry and Physics',
  'ferromagnetic elements and magnetite, by their Curie temperatures',
);

/** A magnet held to the vessel. */
export function magnet({ phases, volumeMl }: Vessel): Observation {
  const solids = Object.keys(phases.solids);
  const drawn = solids.filter((formula) => lifted.includes(formula));
  const others = solids.filter((formula) => !lifted.includes(formula));
  if (drawn.length > 0)
    return {
      kind: 'magnet',
      attracts: true,
      result: [
        `draws ${drawn.join(', ')}`,
        ...(others.length > 0 ? [`leaves ${others.join(', ')}`] : []),
      ].join('; '),
    };
  const result =
    others.length > 0
      ? `does not draw ${others.join(', ')}`
      : volumeMl > 0
        ? 'draws nothing: there is no solid in the liquid, and dissolved ions are not drawn by a hand magnet'
        : 'draws nothing: the vessel holds no solid';
  return { kind: 'magnet', attracts: false, result };
}
