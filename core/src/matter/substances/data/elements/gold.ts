import { half } from '../builders/couples';
import { band, spectraFrom, spectrum } from '../builders/spectra';
import type { ElementData } from '../../types';

/** Gold: what is known of it. */
export const gold: ElementData = {
  ions: [
    { formula: 'AuCl4^-', stock: 'tetrachloroaurate(III)', common: 'chloroaurate' },
  ],
  couples: [
    half('AuCl4^-(aq) + 3e^- → Au(s) + 4Cl^-(aq)', 1.002),
  ],
  spectra: [
    spectrum('AuCl4^-', spectraFrom.lever, band(313, 5000, 6500), band(380, 500, 5500)),
  ],
};
