import { handbook } from '../source';
import type { ExposureLimit } from '../types';

const eh40 = handbook('HSE, EH40/2005 Workplace exposure limits (fourth edition)', 'long-term limit over 8 hours and short-term limit over 15 minutes; other countries differ');

/** Most of a gas that may be breathed, ppm by volume: over eight hours, and over a quarter of an hour. */
export const exposureLimits = [
  { gas: 'CO2', eightHoursPpm: 5000, fifteenMinutesPpm: 15000, source: eh40 },
  { gas: 'CO', eightHoursPpm: 20, fifteenMinutesPpm: 100, source: eh40 },
  { gas: 'NH3', eightHoursPpm: 25, fifteenMinutesPpm: 35, source: eh40 },
  { gas: 'HCl', eightHoursPpm: 1, fifteenMinutesPpm: 5, source: eh40 },
  { gas: 'HBr', fifteenMinutesPpm: 3, source: eh40 },
  { gas: 'HF', eightHoursPpm: 1.8, fifteenMinutesPpm: 3, source: eh40 },
  { gas: 'Cl2', fifteenMinutesPpm: 0.5, source: eh40 },
  { gas: 'Br2', eightHoursPpm: 0.1, fifteenMinutesPpm: 0.2, source: eh40 },
  { gas: 'SO2', eightHoursPpm: 0.5, fifteenMinutesPpm: 1, source: eh40 },
  { gas: 'H2S', eightHoursPpm: 5, fifteenMinutesPpm: 10, source: eh40 },
  { gas: 'NO', eightHoursPpm: 2, source: eh40 },
  { gas: 'NO2', eightHoursPpm: 0.5, fifteenMinutesPpm: 1, source: eh40 },
  { gas: 'N2O', eightHoursPpm: 100, source: eh40 },
  { gas: 'HCN', eightHoursPpm: 0.9, fifteenMinutesPpm: 4.5, source: eh40 },
] as const satisfies readonly ExposureLimit[];
