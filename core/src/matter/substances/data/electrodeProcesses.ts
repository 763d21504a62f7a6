import { commonPractice, handbook } from '../source';
import type { ElectrodeProcess, NotAtElectrode } from '../types';

const bockris = handbook('Bockris and Reddy, Modern Electrochemistry', 'exchange current density in molar solution; effective, to a factor of ten either way');
const plating = commonPractice('overpotentials met in plating baths, told as an effective exchange current density; to a factor of ten either way');
const text = handbook('Greenwood and Earnshaw, Chemistry of the Elements', 'what electrolysis of the solution gives');

const at =
  (side: ElectrodeProcess['side']) =>
  (half: string, exchangeAPerCm2: number, source = bockris): ElectrodeProcess => ({ half, side, exchangeAPerCm2, source });
const minus = at('cathode');
const plus = at('anode');

/** Processes at electrodes that are no gas, with how easily they go. Gases have their own table of overpotentials. */
export const electrodeProcesses: readonly ElectrodeProcess[] = [
  // Metals that come down from water
  minus('Ag^+(aq) + e^- → Ag(s)', 0.1),
  minus('Cu^2+(aq) + 2e^- → Cu(s)', 1e-3),
  minus('Hg^2+(aq) + 2e^- → Hg(s)', 0.1),
  minus('Bi^3+(aq) + 3e^- → Bi(s)', 1e-3, plating),
  minus('Pb^2+(aq) + 2e^- → Pb(s)', 1e-2),
  minus('Sn^2+(aq) + 2e^- → Sn(s)', 1e-2, plating),
  minus('Cd^2+(aq) + 2e^- → Cd(s)', 1e-2),
  minus('Zn^2+(aq) + 2e^- → Zn(s)', 5e-3),
  minus('Ni^2+(aq) + 2e^- → Ni(s)', 1e-5, plating),
  minus('Co^2+(aq) + 2e^- → Co(s)', 1e-5, plating),
  minus('Fe^2+(aq) + 2e^- → Fe(s)', 1e-5, plating),
  // Ions that only change their charge, and halogens that are there already
  minus('Fe^3+(aq) + e^- → Fe^2+(aq)', 1e-3),
  minus('Fe(CN)6^3-(aq) + e^- → Fe(CN)6^4-(aq)', 1e-2),
  minus('Ce^4+(aq) + e^- → Ce^3+(aq)', 1e-3),
  minus('I3^-(aq) + 2e^- → 3I^-(aq)', 1e-2),
  minus('Br2(aq) + 2e^- → 2Br^-(aq)', 1e-2),
  // At plus
  plus('I2(aq) + 2e^- → 2I^-(aq)', 1e-2),
  plus('Fe^3+(aq) + e^- → Fe^2+(aq)', 1e-3),
  plus('Fe(CN)6^3-(aq) + e^- → Fe(CN)6^4-(aq)', 1e-2),
  plus('Sn^4+(aq) + 2e^- → Sn^2+(aq)', 1e-5, plating),
  plus('PbO2(s) + 4H^+(aq) + 2e^- → Pb^2+(aq) + 2H2O(l)', 1e-4, plating),
  plus('MnO2(s) + 4H^+(aq) + 2e^- → Mn^2+(aq) + 2H2O(l)', 1e-4, plating),
];

const never = (of: string, because: string): NotAtElectrode => ({ side: 'cathode', of: [of], fromM: 1e-4, means: 'left alone', because, source: text });
const untold = (side: NotAtElectrode['side'], of: readonly string[], fromM: number, because: string): NotAtElectrode => ({ side, of, fromM, means: 'not predicted', because, source: text });

/** What does not happen at electrodes, and what is not followed, by species. */
export const notAtElectrodes: readonly NotAtElectrode[] = [
  never('Li^+', 'lithium is only set free from a melt: water takes the electrons first'),
  never('K^+', 'potassium is only set free from a melt: water takes the electrons first'),
  never('Na^+', 'sodium is only set free from a melt: water takes the electrons first'),
  never('Ca^2+', 'calcium is only set free from a melt: water takes the electrons first'),
  never('Sr^2+', 'strontium is only set free from a melt: water takes the electrons first'),
  never('Ba^2+', 'barium is only set free from a melt: water takes the electrons first'),
  never('Mg^2+', 'magnesium is only set free from a melt: water takes the electrons first; its hydroxide may cloud the liquid at minus'),
  never('Al^3+', 'aluminium is only set free from a melt: water takes the electrons first'),
  never('Mn^2+', 'manganese comes down only from a neutral ammonium bath at high current; hydrogen is what a class sees'),
  never('Cr^3+', 'chromium(III) holds its water too tightly to be reduced at a school’s electrodes'),
  { side: 'cathode', of: ['NH4^+'], fromM: 1e-4, means: 'left alone', because: 'ammonium only gives its proton', source: text },
  { side: 'cathode', of: ['NO3^-'], fromM: 1e-4, means: 'left alone', because: 'nitrate is reduced slowly at most electrodes; the ion that moves to plus is not what is discharged at minus', source: text },
  { ...untold('cathode', ['NO3^-'], 1, 'in strong nitric acid nitrate takes the electrons and gives oxides of nitrogen, nitrous acid and ammonium; how much of each is not followed'), inAcidFromM: 1 },
  untold('cathode', ['MnO4^-', 'Cr2O7^2-', 'HCrO4^-', 'CrO4^2-', 'ClO3^-', 'BrO3^-', 'IO3^-', 'S2O8^2-', 'VO2^+', 'VO^2+', 'TiO^2+', 'Co^3+', 'Sn^4+'], 0.005, 'what of this ion is reduced at minus, and how far, depends on the electrode and is not followed'),
  untold('cathode', ['H2O2', 'HNO2', 'SO2', 'S2O3^2-', 'HClO', 'ClO^-'], 0.02, 'what of this is reduced at minus, and how far, is not followed'),
  untold('anode', ['CH3COO^-', 'CH3COOH', 'HCOO^-', 'HCOOH', 'H2C2O4', 'HC2O4^-', 'C2O4^2-', 'C6H5O7^3-'], 0.02, 'organic anions come apart at plus in ways that are not followed (carbon dioxide, hydrocarbons)'),
  untold('anode', ['SO2', 'HSO3^-', 'SO3^2-', 'S2O3^2-', 'H2S', 'HS^-', 'SCN^-', 'CN^-', 'NO2^-', 'HNO2', 'H2O2', 'NH3'], 0.02, 'what this is oxidised to at plus is not followed'),
  untold('anode', ['Cr^3+', 'Ce^3+', 'V^3+', 'VO^2+', 'V^2+', 'Ti^3+'], 0.02, 'whether this ion is oxidised at plus beside water is not followed'),
];
