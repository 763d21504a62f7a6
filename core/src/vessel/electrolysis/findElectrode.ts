import { ChemistryError } from '../../common/errors';
import { electrodeAliases, electrodes } from '../../matter/substances/data/electrodes';
import type { Electrode, ElectrodeMaterial } from '../../matter/substances/types';

/** Every electrode there is a row for, in table order. */
export const electrodeMaterials: readonly ElectrodeMaterial[] = electrodes.map(
  ({ material }) => material,
);

const byName = new Map(electrodes.map((row) => [row.material as string, row]));

/**
 * An electrode by the name it goes under, its formula or an alias: `graphite`, `carbon`, `Cu`.
 *
 * @throws ChemistryError `unknownElectrode` with those that are known.
 */
export function findElectrode(text: string): Electrode {
  const plain = text.trim().toLowerCase();
  const row = byName.get(plain) ?? byName.get(electrodeAliases[plain] ?? '');
  if (!row) throw ChemistryError.of('unknownElectrode', text, electrodeMaterials.join(', '));
  return row;
}
