import type { Observation } from '../observation/observation';
import { magneticSolids } from '../../matter/substances/data/magnetic';
import type { Vessel } from '../../vessel/vessel';

/** A magnet held to the vessel. */
export function magnet({ phases, volumeMl }: Vessel): Observation {
  const solids = Object.keys(phases.solids);
  const drawn = solids.filter((formula) => magneticSolids.includes(formula));
  const others = solids.filter((formula) => !magneticSolids.includes(formula));
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
