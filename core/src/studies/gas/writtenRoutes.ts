import { commonPractice, handbook } from '../../matter/substances/source';
import type { Source } from '../../matter/substances/source';
import type { ReagentRole, ReagentUse } from './attempt';

const text = handbook(
  'Greenwood and Earnshaw, Chemistry of the Elements',
  'laboratory preparation of the gas',
);
const vogel = handbook('Vogel’s Textbook of Practical Organic Chemistry', 'preparation of the gas');
const trade = commonPractice('gas preparations that are taught, with what they are warmed to');

/** A route whose reaction the engine does not follow, written down. */
export interface WrittenRoute {
  readonly gas: string;
  readonly reagents: readonly {
    readonly substance: string;
    readonly use: ReagentUse;
    readonly role?: ReagentRole;
    readonly mlPerPart?: number;
  }[];
  /** Balanced, with states. */
  readonly equation: string;
  /** °C; in the cold when left out. */
  readonly heatedToC?: number;
  readonly pace: 'steady' | 'brisk' | 'slow' | 'violent';
  /** Done with a current. */
  readonly electrolysis?: true;
  readonly note: string;
  readonly caution?: string;
  readonly source: Source;
}

const solid = (substance: string) => ({ substance, use: 'solid' as const });
const sulfuric = { substance: 'H2SO4', use: 'concentrated' as const };
/** Concentrated sulfuric acid that takes water out: so many mL for each mL, or gram, of what holds it (Vogel; common practice). */
const takesWater = (mlPerPart: number) => ({
  ...sulfuric,
  role: 'dehydrating' as const,
  mlPerPart,
});

/** Routes by gas: dehydrations, displaced volatile acids, comproportionations on warming, decarboxylation, and the current. */
export const writtenRoutes: readonly WrittenRoute[] = [
  {
    gas: 'HCl',
    reagents: [solid('NaCl'), sulfuric],
    equation: 'NaCl(s) + H2SO4(l) → NaHSO4(s) + HCl(g)',
    heatedToC: 100,
    pace: 'steady',
    note: 'the volatile acid is driven out by the one that is not',
    caution: 'Concentrated acid onto dry salt, a little at a time; no water into it.',
    source: text,
  },
  {
    gas: 'HCl',
    reagents: [solid('KCl'), sulfuric],
    equation: 'KCl(s) + H2SO4(l) → KHSO4(s) + HCl(g)',
    heatedToC: 100,
    pace: 'steady',
    note: 'the volatile acid is driven out by the one that is not',
    caution: 'Concentrated acid onto dry salt, a little at a time; no water into it.',
    source: text,
  },
  {
    gas: 'HCl',
    reagents: [solid('NH4Cl'), sulfuric],
    equation: 'NH4Cl(s) + H2SO4(l) → NH4HSO4(s) + HCl(g)',
    pace: 'brisk',
    note: 'goes in the cold, and froths',
    caution: 'Concentrated acid onto dry salt, a little at a time; no water into it.',
    source: text,
  },
  {
    gas: 'CO',
    reagents: [{ substance: 'HCOOH', use: 'concentrated' }, takesWater(1.5)],
    equation: 'HCOOH(l) → CO(g) + H2O(l)',
    heatedToC: 60,
    pace: 'steady',
    note: 'concentrated sulfuric acid takes the water out of methanoic acid',
    caution: 'Carbon monoxide kills without a smell: hood, detector, and the tail gas burned.',
    source: text,
  },
  {
    gas: 'CO',
    reagents: [solid('H2C2O4'), takesWater(3)],
    equation: 'H2C2O4(s) → CO(g) + CO2(g) + H2O(l)',
    heatedToC: 80,
    pace: 'steady',
    note: 'half of the gas is carbon dioxide, which sodium hydroxide takes out',
    caution: 'Carbon monoxide kills without a smell: hood, detector, and the tail gas burned.',
    source: text,
  },
  {
    gas: 'N2',
    reagents: [
      { substance: 'NH4Cl', use: 'solution' },
      { substance: 'NaNO2', use: 'solution' },
    ],
    equation: 'NH4Cl(aq) + NaNO2(aq) → N2(g) + 2 H2O(l) + NaCl(aq)',
    heatedToC: 70,
    pace: 'steady',
    note: 'solutions, never the dry salts; it runs away when it is heated on',
    caution: 'Take the flame away as soon as it bubbles: it heats itself. The dry salt explodes.',
    source: text,
  },
  {
    gas: 'N2',
    reagents: [solid('Cu')],
    equation: '2 Cu(s) + O2(g) → 2 CuO(s)',
    heatedToC: 400,
    pace: 'slow',
    note: 'air over hot copper leaves its oxygen there; what is left holds about 1 % argon',
    source: text,
  },
  {
    gas: 'N2',
    reagents: [{ substance: 'NH3', use: 'concentrated' }, solid('CuO')],
    equation: '2 NH3(aq) + 3 CuO(s) → N2(g) + 3 Cu(s) + 3 H2O(g)',
    heatedToC: 350,
    pace: 'steady',
    note: 'ammonia vapour over hot copper oxide; ammonia that is left over is washed out with acid',
    caution: 'Ammonia stings: hood.',
    source: text,
  },
  {
    gas: 'CH4',
    reagents: [solid('NaCH3COO'), solid('NaOH')],
    equation: 'NaCH3COO(s) + NaOH(s) → Na2CO3(s) + CH4(g)',
    heatedToC: 350,
    pace: 'steady',
    note: 'dry ethanoate with soda lime, which spares the glass that bare hydroxide eats; a little propanone comes along',
    caution:
      'Lift the delivery tube out before the flame goes, or water sucks back onto hot glass.',
    source: vogel,
  },
  {
    gas: 'C2H4',
    reagents: [{ substance: 'C2H5OH', use: 'concentrated' }, takesWater(2)],
    equation: 'C2H5OH(l) → C2H4(g) + H2O(l)',
    heatedToC: 170,
    pace: 'steady',
    note: 'below 150 °C ether comes instead; sulfur dioxide comes along as the acid chars, and is washed out with sodium hydroxide',
    caution:
      'Hot concentrated acid with a flammable liquid: screen, hood, no flame near the mouth.',
    source: vogel,
  },
  {
    gas: 'C2H4',
    reagents: [
      { substance: 'C2H5OH', use: 'concentrated' },
      { ...solid('Al2O3'), role: 'catalyst' },
    ],
    equation: 'C2H5OH(g) → C2H4(g) + H2O(g)',
    heatedToC: 350,
    pace: 'steady',
    note: 'ethanol vapour over hot aluminium oxide; cleaner than with acid',
    caution:
      'Lift the delivery tube out before the flame goes, or water sucks back onto hot glass.',
    source: vogel,
  },
  {
    gas: 'N2O',
    reagents: [solid('(NH4)2SO4'), solid('NaNO3')],
    equation: '(NH4)2SO4(s) + 2 NaNO3(s) → Na2SO4(s) + 2 N2O(g) + 4 H2O(g)',
    heatedToC: 240,
    pace: 'steady',
    note: 'makes the ammonium nitrate only as it goes',
    caution:
      'What forms in the tube is ammonium nitrate: small amounts, gently, behind a screen, never hotter than 250 °C.',
    source: text,
  },
  {
    gas: 'O2',
    reagents: [solid('Na2O2'), { substance: 'H2O', use: 'liquid' }],
    equation: '2 Na2O2(s) + 2 H2O(l) → 4 NaOH(aq) + O2(g)',
    pace: 'violent',
    note: 'heats up and spits caustic; sets anything that burns alight',
    caution: 'Sodium peroxide sets paper and cloth alight when wet.',
    source: text,
  },
  {
    gas: 'H2',
    reagents: [{ substance: 'Na2SO4', use: 'solution' }],
    equation: '2 H2O(l) → 2 H2(g) + O2(g)',
    pace: 'slow',
    electrolysis: true,
    note: 'comes off at minus; see the Electrolysis study for time and tubes',
    caution: 'Never lead both gases into one tube.',
    source: trade,
  },
  {
    gas: 'O2',
    reagents: [{ substance: 'Na2SO4', use: 'solution' }],
    equation: '2 H2O(l) → 2 H2(g) + O2(g)',
    pace: 'slow',
    electrolysis: true,
    note: 'comes off at plus; see the Electrolysis study for time and tubes',
    caution: 'Never lead both gases into one tube.',
    source: trade,
  },
  {
    gas: 'Cl2',
    reagents: [{ substance: 'NaCl', use: 'solution' }],
    equation: '2 NaCl(aq) + 2 H2O(l) → Cl2(g) + H2(g) + 2 NaOH(aq)',
    pace: 'slow',
    electrolysis: true,
    note: 'comes off at plus from strong brine; see the Electrolysis study',
    caution: 'Never lead both gases into one tube; hood.',
    source: trade,
  },
];
