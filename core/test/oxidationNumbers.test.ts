import { describe, expect, it } from 'vitest';
import { balance } from '../src/matter/equation/balance';

/** What goes up and what goes down in an equation, as `Fe 2→3`. */
const changes = (text: string) =>
  balance(text)
    .oxidationChanges?.map(({ element, from, to }) => `${element} ${from}→${to}`)
    .sort();

// Half of the redox chapter of any general chemistry text: OpenStax Chemistry 2e, 4.2 and 17.1; Brown, 4.4 and 20.1 (recalled).
describe('oxidation numbers that change, against textbook reactions', () => {
  it.each([
    ['Zn + CuSO4 -> ZnSO4 + Cu', ['Cu 2→0', 'Zn 0→2']],
    ['Mg + HCl -> MgCl2 + H2', ['H 1→0', 'Mg 0→2']],
    ['Fe + O2 -> Fe2O3', ['Fe 0→3', 'O 0→-2']],
    ['Na + Cl2 -> NaCl', ['Cl 0→-1', 'Na 0→1']],
    ['Al + Fe2O3 -> Al2O3 + Fe', ['Al 0→3', 'Fe 3→0']],
    ['CuO + H2 -> Cu + H2O', ['Cu 2→0', 'H 0→1']],
    ['C + CuO -> Cu + CO2', ['C 0→4', 'Cu 2→0']],
    ['CH4 + O2 -> CO2 + H2O', ['C -4→4', 'O 0→-2']],
    ['Cl2 + KBr -> KCl + Br2', ['Br -1→0', 'Cl 0→-1']],
    ['KMnO4 + HCl -> KCl + MnCl2 + H2O + Cl2', ['Cl -1→0', 'Mn 7→2']],
    ['Cu + HNO3 -> Cu(NO3)2 + NO + H2O', ['Cu 0→2', 'N 5→2']],
    ['Cu + HNO3 -> Cu(NO3)2 + NO2 + H2O', ['Cu 0→2', 'N 5→4']],
    ['Cr2O7^2- + Fe2+ + H+ -> Cr3+ + Fe3+ + H2O', ['Cr 6→3', 'Fe 2→3']],
    ['MnO4- + C2O4^2- + H+ -> Mn2+ + CO2 + H2O', ['C 3→4', 'Mn 7→2']],
    ['I2 + S2O3^2- -> I- + S4O6^2-', ['I 0→-1', 'S 2→2.5']],
    ['H2S + SO2 -> S + H2O', ['S -2→0', 'S 4→0']],
    ['NH3 + O2 -> NO + H2O', ['N -3→2', 'O 0→-2']],
    ['SO2 + O2 -> SO3', ['O 0→-2', 'S 4→6']],
    ['MnO2 + HCl -> MnCl2 + Cl2 + H2O', ['Cl -1→0', 'Mn 4→2']],
    ['FeCl3 + SnCl2 -> FeCl2 + SnCl4', ['Fe 3→2', 'Sn 2→4']],
    ['P4 + O2 -> P4O10', ['O 0→-2', 'P 0→5']],
    ['AgNO3 + Cu -> Cu(NO3)2 + Ag', ['Ag 1→0', 'Cu 0→2']],
    ['H2 + N2 -> NH3', ['H 0→1', 'N 0→-3']],
    ['Ca + H2O -> Ca(OH)2 + H2', ['Ca 0→2', 'H 1→0']],
  ])('%s', (text, expected) => expect(changes(text)).toEqual([...expected].sort()));

  // One element goes both ways.
  it.each([
    ['Cl2 + NaOH -> NaCl + NaClO + H2O', ['Cl 0→-1', 'Cl 0→1']],
    ['Cl2 + OH- -> Cl- + ClO3- + H2O', ['Cl 0→-1', 'Cl 0→5']],
    ['H2O2 -> H2O + O2', ['O -1→-2', 'O -1→0']],
    ['Cu+ -> Cu + Cu2+', ['Cu 1→0', 'Cu 1→2']],
    ['NO2 + H2O -> HNO3 + NO', ['N 4→2', 'N 4→5']],
  ])('%s goes both ways', (text, expected) => expect(changes(text)).toEqual([...expected].sort()));

  it.each([
    'AgNO3 + NaCl -> AgCl + NaNO3',
    'HCl + NaOH -> NaCl + H2O',
    'CaCO3 -> CaO + CO2',
    'Na2CO3 + HCl -> NaCl + H2O + CO2',
    'NH4Cl + NaOH -> NaCl + NH3 + H2O',
    'CuSO4 + NaOH -> Cu(OH)2 + Na2SO4',
    'K2CrO4 + H2SO4 -> K2Cr2O7 + K2SO4 + H2O',
    'SO3 + H2O -> H2SO4',
  ])('%s changes none', (text) => expect(changes(text)).toEqual([]));
});

// The same texts, end-of-chapter problems.
describe('equations as textbooks ask for them', () => {
  it.each([
    ['C2H6 + O2 -> CO2 + H2O', '2 C2H6 + 7 O2 → 4 CO2 + 6 H2O'],
    ['C6H12O6 + O2 -> CO2 + H2O', 'C6H12O6 + 6 O2 → 6 CO2 + 6 H2O'],
    ['C2H5OH + O2 -> CO2 + H2O', 'C2H5OH + 3 O2 → 2 CO2 + 3 H2O'],
    ['C8H18 + O2 -> CO2 + H2O', '2 C8H18 + 25 O2 → 16 CO2 + 18 H2O'],
    ['P4 + O2 -> P4O10', 'P4 + 5 O2 → P4O10'],
    ['P4O10 + H2O -> H3PO4', 'P4O10 + 6 H2O → 4 H3PO4'],
    ['Fe2O3 + CO -> Fe + CO2', 'Fe2O3 + 3 CO → 2 Fe + 3 CO2'],
    ['NH3 + O2 -> NO + H2O', '4 NH3 + 5 O2 → 4 NO + 6 H2O'],
    ['Pb(NO3)2 -> PbO + NO2 + O2', '2 Pb(NO3)2 → 2 PbO + 4 NO2 + O2'],
    ['(NH4)2Cr2O7 -> Cr2O3 + N2 + H2O', '(NH4)2Cr2O7 → Cr2O3 + N2 + 4 H2O'],
    ['Al + H2SO4 -> Al2(SO4)3 + H2', '2 Al + 3 H2SO4 → Al2(SO4)3 + 3 H2'],
    ['Ca3(PO4)2 + H2SO4 -> CaSO4 + H3PO4', 'Ca3(PO4)2 + 3 H2SO4 → 3 CaSO4 + 2 H3PO4'],
    ['FeS2 + O2 -> Fe2O3 + SO2', '4 FeS2 + 11 O2 → 2 Fe2O3 + 8 SO2'],
    ['CaC2 + H2O -> C2H2 + Ca(OH)2', 'CaC2 + 2 H2O → C2H2 + Ca(OH)2'],
    ['Mg3N2 + H2O -> Mg(OH)2 + NH3', 'Mg3N2 + 6 H2O → 3 Mg(OH)2 + 2 NH3'],
    ['SiO2 + HF -> SiF4 + H2O', 'SiO2 + 4 HF → SiF4 + 2 H2O'],
    ['KNO3 -> KNO2 + O2', '2 KNO3 → 2 KNO2 + O2'],
    ['Ba(OH)2 + H3PO4 -> Ba3(PO4)2 + H2O', '3 Ba(OH)2 + 2 H3PO4 → Ba3(PO4)2 + 6 H2O'],
    ['Na2S2O3 + HCl -> NaCl + S + SO2 + H2O', 'Na2S2O3 + 2 HCl → 2 NaCl + S + SO2 + H2O'],
    ['Zn + OH- + H2O -> Zn(OH)4^2- + H2', 'Zn + 2 OH^- + 2 H2O → Zn(OH)4^2- + H2'],
    [
      'MnO4- + SO3^2- + H2O -> MnO2 + SO4^2- + OH-',
      '2 MnO4^- + 3 SO3^2- + H2O → 2 MnO2 + 3 SO4^2- + 2 OH^-',
    ],
    [
      'Cr2O7^2- + C2H5OH + H+ -> Cr3+ + CH3COOH + H2O',
      '2 Cr2O7^2- + 3 C2H5OH + 16 H^+ → 4 Cr^3+ + 3 CH3COOH + 11 H2O',
    ],
    ['Zn + NO3- + H+ -> Zn2+ + NH4+ + H2O', '4 Zn + NO3^- + 10 H^+ → 4 Zn^2+ + NH4^+ + 3 H2O'],
    ['BrO3- + Br- + H+ -> Br2 + H2O', 'BrO3^- + 5 Br^- + 6 H^+ → 3 Br2 + 3 H2O'],
    ['AsO3^3- + I2 + H2O -> AsO4^3- + I- + H+', 'AsO3^3- + I2 + H2O → AsO4^3- + 2 I^- + 2 H^+'],
  ])('%s', (text, equation) => expect(balance(text).equation).toBe(equation));
});
