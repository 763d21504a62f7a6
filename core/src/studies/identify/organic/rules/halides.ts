import { has } from '../../../../matter/structure/structure';
import type { OutcomeRule } from '../compound';
import { shows, rather } from '../expectation';

/** The green flame of copper halide. */
export const beilstein: OutcomeRule = ({ structure }) => {
  if (['Cl', 'Br', 'I'].some((halogen) => (structure.atoms[halogen] ?? 0) > 0))
    return shows('positive', 'its halogen gives a copper halide that colours the flame green');
  if (structure.formula === 'CH4N2O' || has(structure, 'pyridine', 'nitrile'))
    return rather('negative', 0.75, 'some nitrogen compounds give a green flame without halogen');
  if (has(structure, 'carboxylicAcid'))
    return rather('negative', 0.95, 'some copper salts of acids are volatile');
  return shows('negative', 'no halogen');
};

/** Silver nitrate in ethanol, cold: the easier the cation, the sooner the cloud. */
export const silverNitrateEthanol: OutcomeRule = ({ structure }) => {
  if (has(structure, 'acylHalide')) return shows('positive', 'an acid chloride reacts at once');
  if (has(structure, 'geminalHalide'))
    return shows('negative', 'two halogens on one carbon hold one another');
  if (has(structure, 'tertiaryHalide', 'benzylicHalide', 'alkylIodide'))
    return shows('positive', 'it loses its halogen easily');
  if (has(structure, 'alkylBromide'))
    return has(structure, 'secondaryHalide')
      ? rather('positive', 0.6, 'a secondary bromide, within minutes')
      : rather('negative', 0.7, 'a primary bromide needs warmth');
  if (has(structure, 'alkylChloride'))
    return rather('negative', 0.85, 'a primary or secondary chloride needs warmth');
  if (has(structure, 'arylHalide')) return shows('negative', 'a halogen on a ring is not set free');
  if (has(structure, 'terminalAlkyne'))
    return rather('positive', 0.6, 'it gives a silver acetylide, explosive when dry');
  return shows('negative', 'no halogen that can be set free');
};

/** Sodium iodide in propanone, cold: primary halides, pushed out from behind. */
export const iodideInPropanone: OutcomeRule = ({ structure }) => {
  if (has(structure, 'acylHalide', 'benzylicHalide')) return shows('positive', 'it reacts at once');
  if (has(structure, 'tertiaryHalide', 'arylHalide', 'alkylIodide'))
    return shows('negative', 'crowded, on a ring, or an iodide already');
  if (has(structure, 'geminalHalide'))
    return rather('negative', 0.85, 'two halogens on one carbon');
  if (has(structure, 'alkylBromide'))
    return has(structure, 'secondaryHalide')
      ? rather('negative', 0.7, 'a secondary bromide needs warmth')
      : shows('positive', 'a primary bromide');
  if (has(structure, 'alkylChloride')) return rather('negative', 0.75, 'a chloride needs warmth');
  return shows('negative', 'no halogen');
};
