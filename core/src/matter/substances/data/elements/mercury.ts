import { shown } from '../../shown';
import { ammine, complex, complexesFrom, edta } from '../builders/bound';
import { couplesFrom, half } from '../builders/couples';
import { formed } from '../builders/formation';
import { decomposes } from '../builders/heated';
import { heats, solidsFrom } from '../builders/solids';
import { hydroxo } from '../builders/steps';
import type { ElementData } from '../../types';

/** Mercury: what is known of it. */
export const mercury: ElementData = {
  ions: [
    { formula: 'Hg2^2+', stock: 'dimercury(I)', common: 'mercurous' },
    { formula: 'Hg^2+', stock: 'mercury(II)', common: 'mercuric' },
  ],
  acidBase: [
    hydroxo('HgOH^+', 'Hg^2+', 1, -3.4, 30.2),
    hydroxo('Hg(OH)2', 'Hg^2+', 2, -6.17, 50.3),
  ],
  complexes: [
    complex('Hg(SO3)2^2-', 'Hg^2+', 'SO3^2-', 2, 24.1),
    complex('HgCl^+', 'Hg^2+', 'Cl^-', 1, 7.3, { enthalpyKJPerMol: -23 }),
    complex('HgCl2', 'Hg^2+', 'Cl^-', 2, 14.0, { enthalpyKJPerMol: -52.7 }),
    complex('HgCl3^-', 'Hg^2+', 'Cl^-', 3, 15.0, { enthalpyKJPerMol: -54.3 }),
    complex('HgCl4^2-', 'Hg^2+', 'Cl^-', 4, 15.07, { enthalpyKJPerMol: -61 }),
    complex('HgBr4^2-', 'Hg^2+', 'Br^-', 4, 21.74, { enthalpyKJPerMol: -114 }),
    complex('HgBr2', 'Hg^2+', 'Br^-', 2, 18.08, { enthalpyKJPerMol: -87.4 }),
    complex('HgI2', 'Hg^2+', 'I^-', 2, 24.63, { enthalpyKJPerMol: -143 }),
    complex('HgI3^-', 'Hg^2+', 'I^-', 3, 28.41, { enthalpyKJPerMol: -154.5 }),
    complex('HgI4^2-', 'Hg^2+', 'I^-', 4, 30.34, { enthalpyKJPerMol: -181 }),
    complex('Hg(SCN)2', 'Hg^2+', 'SCN^-', 2, 17.26),
    complex('Hg(SCN)4^2-', 'Hg^2+', 'SCN^-', 4, 21.7),
    complex('Hg(CN)2', 'Hg^2+', 'CN^-', 2, 34.7, { enthalpyKJPerMol: -194 }),
    complex('Hg(CN)4^2-', 'Hg^2+', 'CN^-', 4, 41.5, { enthalpyKJPerMol: -249 }),
    edta('HgC10H12N2O8^2-', 'Hg^2+', 23.11, { enthalpyKJPerMol: -85.4 }),
    { formula: 'HgS2^2-', from: { 'Hg^2+': 1, 'S^2-': 2 }, logBeta: 51.5, source: complexesFrom.lange },
    ammine('Hg(NH3)2^2+', 'Hg^2+', 2, 17.81, { enthalpyKJPerMol: 1.8 }),
    ammine('Hg(NH3)4^2+', 'Hg^2+', 4, 19.1, { enthalpyKJPerMol: 77.6 }),
  ],
  solids: [
    { formula: 'Hg2Cl2', ions: { 'Hg2^2+': 1, 'Cl^-': 2 }, pKsp: 17.84, colour: 'white', texture: 'fine', commonName: 'calomel', ...heats(98), source: solidsFrom.crc },
    { formula: 'Hg2Br2', ions: { 'Hg2^2+': 1, 'Br^-': 2 }, pKsp: 22.19, colour: 'white', texture: 'fine', ...heats(133), source: solidsFrom.crc },
    { formula: 'Hg2I2', ions: { 'Hg2^2+': 1, 'I^-': 2 }, pKsp: 28.28, colour: 'yellow-green', texture: 'fine', ...heats(163), source: solidsFrom.crc },
    { formula: 'HgI2', ions: { 'Hg^2+': 1, 'I^-': 2 }, pKsp: 28.54, colour: 'bright orange', texture: 'fine', ...heats(171), source: solidsFrom.crc },
    { formula: 'Hg(SCN)2', ions: { 'Hg^2+': 1, 'SCN^-': 2 }, pKsp: 19.56, colour: 'white', texture: 'fine', source: solidsFrom.lange },
    { formula: 'CoHg(SCN)4', ions: { 'Co^2+': 1, 'Hg^2+': 1, 'SCN^-': 4 }, pKsp: 27.5, colour: 'deep blue', texture: 'crystalline', source: solidsFrom.estimated },
    { formula: 'HgS', ions: { 'Hg^2+': 1, 'S^2-': 1 }, pKsp: 52.7, colour: 'black', texture: 'flocculent', ...heats(263.4), source: solidsFrom.sulfides },
    { formula: 'Hg2SO4', ions: { 'Hg2^2+': 1, 'SO4^2-': 1 }, pKsp: 6.19, colour: 'white', texture: 'crystalline', ...heats(5.8), source: solidsFrom.crc },
    { formula: 'Hg2CO3', ions: { 'Hg2^2+': 1, 'CO3^2-': 1 }, pKsp: 16.05, colour: 'yellow', texture: 'fine', ...heats(45.1), source: solidsFrom.crc },
    { formula: 'Hg2CrO4', ions: { 'Hg2^2+': 1, 'CrO4^2-': 1 }, pKsp: 8.7, colour: 'red-brown', texture: 'fine', source: solidsFrom.lange },
    { formula: 'HgNH2Cl', ions: { 'Hg^2+': 1, NH3: 1, 'OH^-': 1, 'Cl^-': 1 }, pKsp: 25.8, commonName: 'white precipitate', colour: 'white', texture: 'fine', source: solidsFrom.placed },
    { formula: 'Hg2NI·H2O', ions: { 'Hg^2+': 2, NH3: 1, 'OH^-': 3, 'I^-': 1 }, pKsp: 62, colour: 'red-brown', texture: 'fine', source: solidsFrom.placed },
    { formula: 'HgO', ions: { 'Hg^2+': 1, 'OH^-': 2 }, pKsp: 25.44, colour: 'yellow', texture: 'fine', ...heats(87.2), source: solidsFrom.lange },
  ],
  couples: [
    half('Hg2^2+(aq) + 2e^- → 2Hg(s)', 0.7973),
    half('Hg^2+(aq) + 2e^- → Hg(s)', 0.851),
    half('Hg2Cl2(s) + 2e^- → 2Hg(s) + 2Cl^-(aq)', 0.2681),
    half('2Hg^2+(aq) + 2e^- → Hg2^2+(aq)', 0.92),
    half('Hg2I2(s) + 2e^- → 2Hg(s) + 2I^-(aq)', -0.0405),
    half('2HgI4^2-(aq) + 2e^- → Hg2I2(s) + 6I^-(aq)', -0.036, couplesFrom.closed),
    half('2HgCl2(aq) + 2e^- → Hg2Cl2(s) + 2Cl^-(aq)', 0.612, couplesFrom.bard),
  ],
  heated: [
    decomposes('2 HgO(s) → 2 Hg(l) + O2(g)', 500, shown('turns black while hot; a mirror of mercury forms on the cooler part')),
  ],
  formation: [
    ...formed('aq', {
      'Hg^2+': 171.1, 'Hg2^2+': 172.4,
    }),
    ...formed('s', {
      HgO: -90.8, HgCl2: -224.3, Hg2Cl2: -265.4, HgI2: -105.4, HgS: -58.2,
    }),
    ...formed('l', {
      Hg: 0,
    }),
  ],
};
