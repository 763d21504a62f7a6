import { commonPractice, handbook } from '../source';
import type { Electrode } from '../types';

const text = handbook('Bockris and Reddy, Modern Electrochemistry', 'dissolution and passivity of metals as anodes');
const trade = commonPractice('which electrodes take part and which do not');

/** What electrodes are made of, and what becomes of them as plus. */
export const electrodes: readonly Electrode[] = [
  { material: 'graphite', formula: 'C', inert: true, dissolvesBy: [], passive: [], source: trade },
  { material: 'platinum', formula: 'Pt', inert: true, dissolvesBy: [], passive: [], source: trade },
  { material: 'copper', formula: 'Cu', inert: false, dissolvesBy: ['Cu^2+(aq) + 2e^- → Cu(s)', 'CuCl(s) + e^- → Cu(s) + Cl^-(aq)', 'CuI(s) + e^- → Cu(s) + I^-(aq)'], passive: [{ pHAbove: 12, cover: 'black copper oxide' }], source: text },
  {
    material: 'silver',
    formula: 'Ag',
    inert: false,
    dissolvesBy: ['Ag^+(aq) + e^- → Ag(s)', 'AgCl(s) + e^- → Ag(s) + Cl^-(aq)', 'AgBr(s) + e^- → Ag(s) + Br^-(aq)', 'AgI(s) + e^- → Ag(s) + I^-(aq)'],
    passive: [{ pHAbove: 12, cover: 'dark silver oxide' }],
    source: text,
  },
  { material: 'zinc', formula: 'Zn', inert: false, dissolvesBy: ['Zn^2+(aq) + 2e^- → Zn(s)'], passive: [], source: text },
  { material: 'nickel', formula: 'Ni', inert: false, dissolvesBy: ['Ni^2+(aq) + 2e^- → Ni(s)'], passive: [{ pHAbove: 9, cover: 'nickel oxide' }], source: text },
  { material: 'lead', formula: 'Pb', inert: false, dissolvesBy: ['Pb^2+(aq) + 2e^- → Pb(s)'], passive: [{ aboveM: { 'SO4^2-': 1e-3, 'HSO4^-': 1e-3 }, cover: 'lead sulfate and then brown lead dioxide', surface: 'lead dioxide' }], source: text },
  { material: 'tin', formula: 'Sn', inert: false, dissolvesBy: ['Sn^2+(aq) + 2e^- → Sn(s)'], passive: [{ pHAbove: 12, cover: 'tin oxide' }], source: text },
  {
    material: 'aluminium',
    formula: 'Al',
    inert: false,
    dissolvesBy: ['Al^3+(aq) + 3e^- → Al(s)'],
    passive: [
      { pHAbove: 3, pHBelow: 11, brokenByM: { 'Cl^-': 0.05, 'Br^-': 0.05 }, cover: 'aluminium oxide that does not conduct', insulates: true },
      { pHBelow: 3, brokenByM: { 'Cl^-': 0.05, 'Br^-': 0.05 }, cover: 'aluminium oxide that grows thick and porous', insulates: true },
    ],
    source: text,
  },
  { material: 'iron', formula: 'Fe', inert: false, dissolvesBy: ['Fe^2+(aq) + 2e^- → Fe(s)'], passive: [{ pHAbove: 11, cover: 'iron oxide' }], source: text },
  { material: 'steel', formula: 'Fe', inert: false, dissolvesBy: ['Fe^2+(aq) + 2e^- → Fe(s)'], passive: [{ pHAbove: 11, cover: 'iron oxide' }], source: text },
  { material: 'stainless steel', formula: 'Fe', inert: false, dissolvesBy: ['Fe^2+(aq) + 2e^- → Fe(s)'], passive: [{ brokenByM: { 'Cl^-': 0.02, 'Br^-': 0.02 }, cover: 'chromium oxide', surface: 'stainless steel' }], source: text },
];

/** Other names of electrodes. */
export const electrodeAliases: Readonly<Record<string, Electrode['material']>> = {
  carbon: 'graphite',
  c: 'graphite',
  'pencil lead': 'graphite',
  pt: 'platinum',
  cu: 'copper',
  ag: 'silver',
  zn: 'zinc',
  ni: 'nickel',
  pb: 'lead',
  sn: 'tin',
  al: 'aluminium',
  aluminum: 'aluminium',
  fe: 'iron',
  'mild steel': 'steel',
  stainless: 'stainless steel',
};

/** Mass fractions of what a stainless hook is made of. */
export const stainlessSteel = {
  shares: { Fe: 0.72, Cr: 0.18, Ni: 0.1 },
  /** Share of the current that takes metal off a covered stainless anode in a solution without chloride; three times either way. */
  dissolvingShare: 0.1,
  source: commonPractice('the usual kitchen and wire grade, 18 % chromium and 10 % nickel; the dissolving share is a guess from how soon hooks yellow a solution, good to a factor of three'),
} as const;
