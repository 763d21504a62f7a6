import { handbook } from '../source';

/** Share of oxygen in dry air, by volume. */
export const oxygenShareOfAir = {
  value: 0.2095,
  source: handbook('CRC Handbook of Chemistry and Physics', 'composition of dry air'),
} as const;
