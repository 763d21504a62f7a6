import { handbook } from '../source';

/** Share of oxygen in dry air, by volume. */
export const oxygenShareOfAir = {
  value: 0.2095,
  source: handbook('CRC Handbook of Chemistry and Physics', 'composition of dry air'),
} as const;

/** Share of carbon dioxide in outdoor air, by volume; a classroom may hold three times that. */
export const carbonDioxideOfAir = {
  value: 4.2e-4,
  source: handbook('CRC Handbook of Chemistry and Physics', 'composition of dry air, brought to recent years'),
} as const;
