import { viewSolution } from '../appearance/vesselView';
import type { VesselView } from '../appearance/vesselView';
import { equilibrate } from '../equilibrium/equilibrate';
import { containers } from '../vessel/containers';
import type { ContainerKind } from '../vessel/containers';
import { pourTogether } from '../vessel/ionTotals';
import type { Portion } from '../vessel/portion';

/**
 * What one solution should look like once it is made up, at 25 °C.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function predictSolution(portion: Portion, container: ContainerKind): VesselView {
  const alone = equilibrate(pourTogether([portion]).totalsM, { allowSolids: false });
  return viewSolution(alone, portion.volumeMl, containers[container]);
}
