import { parseFormula } from '../matter/formula/parseFormula';
import { commonPractice } from '../matter/substances/source';
import { findSubstance } from '../matter/substances/findSubstance';
import { chargeOf, ionsOf } from '../matter/substances/ionsOf';
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
  /** Dissolved species, substances and ions of solids that put waste into it. */
  readonly ions: readonly string[];
  /** Elements that do, in whatever species or solid they are. */
  readonly elements?: readonly string[];
  readonly because: string;
}

/** Bottles in the order they claim a mixture: what is most troublesome decides. */
const classes: readonly WasteClass[] = [
  {
    bottle: 'Cyanide waste, kept alkaline',
    ions: ['CN^-', 'HCN'],
    because: 'sets hydrogen cyanide free with any acid; destroyed by licensed disposal',
  },
  {
    bottle: 'Azide waste, kept alkaline',
    ions: ['N3^-', 'HN3'],
    because: 'toxic with acid, explosive with heavy metals; never down a drain',
  },
  {
    bottle: 'Mercury waste',
    ions: [],
    elements: ['Hg'],
    because: 'toxic and lasting; everything it touched goes with it',
  },
  {
    bottle: 'Chromium(VI) waste',
    ions: ['CrO4^2-', 'HCrO4^-', 'Cr2O7^2-'],
    because: 'may cause cancer; kept apart and reduced before disposal',
  },
  {
    bottle: 'Silver residues',
    ions: [],
    elements: ['Ag'],
    because: 'collected for recovery; never stored with ammonia',
  },
  {
    bottle: 'Lead and cadmium waste',
    ions: [],
    elements: ['Pb', 'Cd'],
    because: 'toxic heavy metals; solid and paper are hazardous waste too',
  },
  {
    bottle: 'Nickel and cobalt waste',
    ions: [],
    elements: ['Ni', 'Co'],
    because: 'sensitising, may cause cancer',
  },
  {
    bottle: 'Barium waste',
    ions: ['Ba^2+'],
    because: 'soluble barium is toxic; sulfate added in excess makes it harmless',
  },
  {
    bottle: 'Cyanidoferrate waste',
    ions: ['Fe(CN)6^4-', 'Fe(CN)6^3-', 'HFe(CN)6^3-'],
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
    ions: [
      ...['MnO4^-', 'MnO4^2-', 'S2O8^2-', 'ClO^-', 'HClO', 'Cl2', 'ClO3^-', 'ClO4^-'],
      ...['BrO3^-', 'IO3^-', 'HIO3', 'H2O2', 'HO2^-'],
    ],
    because: 'reduced before disposal; kept from organic waste and, hypochlorite, from acid',
  },
  {
    bottle: 'Heavy metal waste',
    ions: [],
    elements: ['Cu', 'Zn', 'Mn', 'Cr', 'Sn', 'Bi', 'Sb', 'V', 'Ce', 'Ti', 'Mo'],
    because: 'toxic to aquatic life',
  },
  {
    bottle: 'Fluoride and oxalate waste',
    ions: ['F^-', 'HF', 'C2O4^2-', 'HC2O4^-', 'H2C2O4'],
    because: 'toxic; calcium added in excess binds it',
  },
];

/** Solids that trouble nobody although they hold such an element: they hardly dissolve, and metals are rinsed and kept. */
const harmlessSolids: ReadonlySet<string> = new Set([
  ...['TiO2', 'BaSO4', 'Cr2O3', 'SnO2', 'CaF2'],
  ...['Cu', 'Zn', 'Sn', 'Bi', 'Sb', 'Mn', 'Cr'],
]);

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

/** What lies in a vessel at the end. */
export interface LeftBehind {
  /** Dissolved species, mol/L. */
  readonly species: Readonly<Record<string, number>>;
  /** Formulae of solids, and of liquids that do not mix with water. */
  readonly solids: readonly string[];
  readonly pH?: number | undefined;
  /** Whether there is no liquid at all, which no aqueous bottle takes. */
  readonly isDry: boolean;
}

/** Less than this of a species is a trace that the sewer does not mind, mol/L. */
const traceM = 1e-5;
/** Left-over acid or alkali beyond these is brought to a harmless pH first. */
const harmlessPH = { from: 5, to: 9 } as const;

/** The waste bottle for what is really left in a vessel, after all that reacted in it has reacted. */
export function wasteRouteOf({ species, solids, pH, isDry }: LeftBehind): WasteRoute {
  const dissolved = Object.keys(species).filter((one) => (species[one] ?? 0) > traceM);
  const lying = solids.filter((one) => !harmlessSolids.has(dry(one)));
  const ions = new Set([
    ...dissolved,
    ...lying.map(dry),
    ...lying.flatMap((one) => Object.keys(ionsOf(dry(one)) ?? {})),
  ]);
  const needsNeutralising = pH !== undefined && (pH < harmlessPH.from || pH > harmlessPH.to);
  return routeFor(ions, [...dissolved, ...lying], needsNeutralising, isDry);
}

/**
 * The waste bottle for a mixture of shelf substances before anybody knows what becomes of them: by all that would go in.
 *
 * @param isDry whether it is a solid without any liquid, which no aqueous bottle takes.
 * @throws ChemistryError for an unknown substance.
 */
export function wasteRoute(substances: readonly string[], isDry = false): WasteRoute {
  const rows = substances
    .map((name) => findSubstance(name).substance)
    .filter(({ formula }) => !harmlessSolids.has(formula));
  const ions = new Set(rows.flatMap(({ formula, ions: held }) => [formula, ...Object.keys(held)]));
  const isAcidOrAlkali = ions.has('OH^-') || ions.has('H^+') || ions.has('NH3');
  return routeFor(
    ions,
    rows.map(({ formula }) => formula),
    isAcidOrAlkali,
    isDry,
  );
}

const dry = (formula: string): string => formula.split('·')[0] ?? formula;

function routeFor(
  ions: ReadonlySet<string>,
  formulae: readonly string[],
  needsNeutralising: boolean,
  isDry: boolean,
): WasteRoute {
  const elements = new Set(formulae.flatMap((one) => Object.keys(parseFormula(one).elements)));
  for (const { bottle, ions: listed, elements: held = [], because } of classes) {
    const ion = listed.find((one) => ions.has(one));
    const element = held.find((one) => elements.has(one));
    const culprit = ion ?? element;
    if (culprit === undefined) continue;
    const name = nameIn('stock', culprit);
    return {
      bottle,
      trouble: gravest.has(bottle) ? 3 : 2,
      because: `${name}${chargeOf(culprit) > 0 ? ' ions' : ''}: ${because}`,
    };
  }
  if (needsNeutralising)
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
