import { commonPractice } from '../substances/source';
import { findSubstance } from '../substances/findSubstance';
import { chargeOf, findIon } from '../substances/ionsOf';

/** Where the contents of a vessel go after the test. */
export interface WasteRoute {
  readonly bottle: string;
  readonly because: string;
}

interface WasteClass {
  readonly bottle: string;
  readonly ions: readonly string[];
  readonly because: string;
}

/** Bottles in the order they claim a mixture: the most troublesome ion decides. */
const classes: readonly WasteClass[] = [
  {
    bottle: 'Chromium(VI) waste',
    ions: ['CrO4^2-', 'Cr2O7^2-'],
    because: 'may cause cancer; kept apart and reduced before disposal',
  },
  {
    bottle: 'Silver residues',
    ions: ['Ag^+'],
    because: 'collected for recovery; never stored with ammonia',
  },
  {
    bottle: 'Lead and cadmium waste',
    ions: ['Pb^2+', 'Cd^2+'],
    because: 'toxic heavy metals; solid and paper are hazardous waste too',
  },
  {
    bottle: 'Nickel and cobalt waste',
    ions: ['Ni^2+', 'Co^2+'],
    because: 'sensitising, may cause cancer',
  },
  {
    bottle: 'Barium waste',
    ions: ['Ba^2+'],
    because: 'soluble barium is toxic; sulfate added in excess makes it harmless',
  },
  {
    bottle: 'Cyanidoferrate waste',
    ions: ['Fe(CN)6^4-'],
    because: 'kept from strong acid, which could set hydrogen cyanide free',
  },
  { bottle: 'Thiocyanate waste', ions: ['SCN^-'], because: 'kept from acid and from oxidisers' },
  {
    bottle: 'Heavy metal waste',
    ions: ['Cu^2+', 'Zn^2+', 'Mn^2+'],
    because: 'toxic to aquatic life',
  },
  {
    bottle: 'Fluoride and oxalate waste',
    ions: ['F^-', 'C2O4^2-'],
    because: 'toxic; calcium added in excess binds it',
  },
];

export const wasteSource = commonPractice(
  'sorting of aqueous laboratory waste; local rules differ',
);

/**
 * The waste bottle for a mixture of shelf substances, by the most troublesome ion that went in.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function wasteRoute(substances: readonly string[]): WasteRoute {
  const ions = new Set(
    substances.flatMap((name) => Object.keys(findSubstance(name).substance.ions)),
  );
  for (const { bottle, ions: listed, because } of classes) {
    const culprit = listed.find((ion) => ions.has(ion));
    if (culprit) {
      const name = findIon(culprit)?.stock ?? culprit;
      return { bottle, because: `${name}${chargeOf(culprit) > 0 ? ' ions' : ''}: ${because}` };
    }
  }
  if (ions.has('OH^-'))
    return {
      bottle: 'Neutralise, then aqueous waste',
      because: 'left-over hydroxide is brought to pH 6–8 first',
    };
  return {
    bottle: 'Aqueous waste, low hazard',
    because: 'no ion of concern in these amounts; down the drain only where local rules allow it',
  };
}
