import { commonPractice } from '../matter/substances/source';
import { findSubstance } from '../matter/substances/findSubstance';
import { chargeOf } from '../matter/substances/ionsOf';
import { nameIn } from '../matter/substances/naming';

/** Where the contents of a vessel go after the test. */
export interface WasteRoute {
  readonly bottle: string;
  readonly because: string;
  /** How troublesome the bottle is: 0 down the drain where allowed, 2 licensed disposal, 3 the worst of that. */
  readonly trouble: 0 | 1 | 2 | 3;
}

interface WasteClass {
  readonly bottle: string;
  readonly ions: readonly string[];
  readonly because: string;
}

/** Bottles in the order they claim a mixture: the most troublesome ion decides. */
const classes: readonly WasteClass[] = [
  {
    bottle: 'Cyanide waste, kept alkaline',
    ions: ['CN^-'],
    because: 'sets hydrogen cyanide free with any acid; destroyed by licensed disposal',
  },
  {
    bottle: 'Azide waste, kept alkaline',
    ions: ['N3^-'],
    because: 'toxic with acid, explosive with heavy metals; never down a drain',
  },
  {
    bottle: 'Mercury waste',
    ions: ['Hg^2+', 'Hg2^2+', 'Hg'],
    because: 'toxic and lasting; everything it touched goes with it',
  },
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
    bottle: 'Sulfide waste, kept alkaline',
    ions: ['S^2-', 'HS^-', 'H2S'],
    because: 'sets hydrogen sulfide free with acid',
  },
  {
    bottle: 'Halogenated solvent waste',
    ions: ['CH2Cl2', 'Br2'],
    because: 'kept apart from other solvents and from the drain',
  },
  {
    bottle: 'Flammable solvent waste',
    ions: ['C6H12', 'C6H14', 'C8H18', 'C16H34', 'C2H5OH', 'C3H6O', 'C6H5OH'],
    because: 'flammable or toxic; collected away from oxidisers and flames',
  },
  {
    bottle: 'Oxidiser waste',
    ions: ['MnO4^-', 'S2O8^2-', 'ClO^-', 'ClO3^-', 'ClO4^-', 'BrO3^-', 'IO3^-', 'HIO3', 'H2O2'],
    because: 'reduced before disposal; kept from organic waste and, hypochlorite, from acid',
  },
  {
    bottle: 'Heavy metal waste',
    ions: [
      ...['Cu^2+', 'Cu^+', 'Zn^2+', 'Mn^2+', 'Cr^3+', 'Sn^2+', 'Sn^4+', 'Bi^3+', 'VO^2+', 'VO3^-'],
      ...['Ce^4+', 'Ce^3+', 'TiO^2+', 'MoO4^2-', 'MnO2', 'PbO2', 'Cd', 'Pb', 'Co', 'Ni'],
    ],
    because: 'toxic to aquatic life',
  },
  {
    bottle: 'Fluoride and oxalate waste',
    ions: ['F^-', 'C2O4^2-'],
    because: 'toxic; calcium added in excess binds it',
  },
];

/** Bottles that a school pays for by the gram. */
const gravest = new Set([
  'Cyanide waste, kept alkaline',
  'Azide waste, kept alkaline',
  'Mercury waste',
  'Chromium(VI) waste',
  'Lead and cadmium waste',
]);

export const wasteSource = commonPractice(
  'sorting of aqueous laboratory waste; local rules differ',
);

/**
 * The waste bottle for a mixture of shelf substances, by the most troublesome ion that went in.
 *
 * @param isDry whether it is a solid without any liquid, which no aqueous bottle takes.
 * @throws ChemistryError for an unknown substance.
 */
export function wasteRoute(substances: readonly string[], isDry = false): WasteRoute {
  const ions = new Set(
    substances.flatMap((name) => Object.keys(findSubstance(name).substance.ions)),
  );
  for (const { bottle, ions: listed, because } of classes) {
    const culprit = listed.find((ion) => ions.has(ion));
    if (culprit) {
      const name = nameIn('stock', culprit);
      return {
        bottle,
        trouble: gravest.has(bottle) ? 3 : 2,
        because: `${name}${chargeOf(culprit) > 0 ? ' ions' : ''}: ${because}`,
      };
    }
  }
  if (ions.has('OH^-') || ions.has('H^+') || ions.has('NH3'))
    return {
      bottle: 'Neutralise, then aqueous waste',
      trouble: 1,
      because: 'left-over acid or alkali is brought to pH 6–8 first',
    };
  return isDry
    ? {
        bottle: 'Solid waste, low hazard',
        trouble: 0,
        because:
          'nothing of concern in these amounts; kept for the next class, or binned where local rules allow it',
      }
    : {
        bottle: 'Aqueous waste, low hazard',
        trouble: 0,
        because:
          'no ion of concern in these amounts; down the drain only where local rules allow it',
      };
}
