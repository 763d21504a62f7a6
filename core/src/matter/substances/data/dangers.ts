import { commonPractice } from '../source';
import type { Danger, Unmodelled } from '../types';

const trade = commonPractice('dangerous meetings every laboratory’s rules forbid');
const limits = commonPractice('limits of this model: chemistry that needs rates or organic mechanisms');

/** Meetings that hurt people, told by what they set free or leave behind in solution. */
export const dangers = [
  { code: 'cyanideWithAcid', aboveM: { HCN: 1e-6 }, message: 'Hydrogen cyanide is set free: it kills. Cyanides must never meet an acid. Stop, leave, ventilate.', source: trade },
  { code: 'sulfideWithAcid', aboveM: { H2S: 2e-3 }, message: 'Hydrogen sulfide is set free: very toxic, and the nose stops noticing it. Fume hood only.', source: trade },
  { code: 'hypochloriteWithAcid', aboveM: { Cl2: 5e-3 }, message: 'Chlorine is in the liquid and above it: toxic. Fume hood only; hypochlorite must not meet acid outside one.', source: trade },
  { code: 'azideWithAcid', aboveM: { HN3: 1e-5 }, message: 'Hydrazoic acid is set free: very toxic and explosive. Azides must not meet acid.', source: trade },
  { code: 'ammoniacalSilverKept', aboveM: { 'Ag(NH3)2^+': 1e-3 }, message: 'Ammoniacal silver becomes explosive on standing: make it fresh, destroy it the same day with dilute acid, keep none.', source: trade },
  { code: 'sulfurDioxide', aboveM: { SO2: 0.05 }, message: 'Sulfur dioxide stings and harms people with asthma: ventilate or use a hood.', source: trade },
  { code: 'ammoniaFree', aboveM: { NH3: 0.02 }, message: 'Ammonia is set free and stings: work in the hood or with good ventilation, and do not smell at the vessel.', source: trade },
  { code: 'hydrofluoricAcid', aboveM: { HF: 0.05 }, message: 'Hydrofluoric acid burns deep without pain at first and attacks glass: only with its own rules, antidote and plastic ware.', source: trade },
  { code: 'bromineFree', aboveM: { Br2: 0.01 }, message: 'Bromine is in the liquid: its vapour is toxic and it burns skin. Fume hood.', source: trade },
] as const satisfies readonly Danger[];

const organic = ['C2H5OH', 'C3H6O', 'C6H12O6', 'C12H22O11', 'C3H8O3', 'HC6H7O6', 'C6H7O6^-', 'HCOOH', 'HCOO^-', 'C6H5OH', 'C6H5O^-', 'H2C4H4O6', 'HC4H4O6^-', 'C4H4O6^2-', 'H3C6H5O7', 'H2C6H5O7^-', 'HC6H5O7^2-', 'C6H5O7^3-', 'CO(NH2)2', 'C4H8N2O2'];
/** What concentrated sulfuric acid chars in ways that have no row of their own. */
const charring = organic.filter((one) => !['C6H12O6', 'C12H22O11', 'HCOOH', 'HCOO^-'].includes(one));
const hydrocarbons = ['C6H12', 'C6H14', 'C8H18', 'C16H34'];
const redoxDyesThere = ['C16H18N3S^+', 'C16H8N2O8S2^2-'];
const strongOxidants = ['MnO4^-', 'MnO4^2-', 'Cr2O7^2-', 'HCrO4^-', 'Cl2', 'HClO', 'ClO^-', 'Br2', 'HBrO', 'BrO^-', 'Ce^4+', 'S2O8^2-', 'H2O2', 'HO2^-', 'VO2^+', 'ClO3^-', 'BrO3^-', 'Co^3+'];

const unsaturated = ['C2H4', 'C3H6', 'C2H2'];

/** Why nothing is calculated in nearly waterless acid, before what is seen of it. */
const strongAcid = 'this model has no activities for concentrated sulfuric acid;';

/** Meetings in which something happens that the model cannot follow. */
export const unmodelled = [
  { one: organic, other: strongOxidants, because: 'the oxidation of this organic substance runs by steps the model does not have', code: 'oxidiserWithOrganic', codeFromM: [1, 0.3], source: limits },
  { one: ['HC6H7O6', 'C6H7O6^-'], other: ['Cu^2+'], because: 'ascorbic acid reduces copper(II) by steps the model does not have', source: limits },
  { one: ['HCOO^-', 'HCOOH'], other: ['Cu(OH)4^2-', 'CuC6H5O7^-', 'CuC4H4O6'], because: 'formate reacts with these slowly, by steps the model does not have', source: limits },
  { one: unsaturated, other: ['Br2', 'HBrO', 'BrO^-', 'Cl2', 'HClO', 'ClO^-', 'MnO4^-'], because: 'the double or triple bond takes this up or is oxidised by it, and the colour goes; what comes of it the model does not have', source: limits },
  { one: ['C2H2'], other: ['Ag^+', 'Ag(NH3)2^+', 'Cu^+', 'Cu(NH3)2^+'], because: 'an acetylide settles, which explodes when it is dry: the model does not have it, and it is not made with a class', code: 'acetylide', source: limits },
  { one: ['NH3', 'NH4^+'], other: ['ClO^-', 'HClO', 'Cl2', 'BrO^-', 'HBrO'], because: 'ammonia and hypochlorite give toxic chloramines; do not mix them', code: 'hypochloriteWithAmmonia', source: limits },
  { one: ['CN^-', 'HCN'], other: ['Fe^2+', 'Fe^3+', 'Cu^2+', 'Co^2+', ...strongOxidants, 'I2'], because: 'cyanide with this ion makes inert complexes or is oxidised; the model has neither', source: limits },
  { one: ['I^-'], other: ['H2O2'], without: { 'H^+': 1e-3, 'OH^-': 1e-2, 'HSO4^-': 1e-3 }, because: 'iodide makes peroxide fall apart over minutes, and a little iodine colours the liquid yellow to brown meanwhile; how far this has gone the model does not have', source: limits },
  { one: ['BH4^-'], other: [...strongOxidants, 'Ag^+', 'Cu^2+', 'Ni^2+', 'Co^2+', 'Fe^3+', 'Fe^2+', 'Fe(CN)6^3-', 'Hg^2+', 'Bi^3+', 'Pb^2+', 'I2', 'I3^-'], because: 'borohydride reduces this, by steps the model does not have', source: limits },
  { one: ['SCN^-', 'FeSCN^2+'], other: strongOxidants, because: 'thiocyanate is oxidised through several stages', source: limits },
  { one: ['NH3'], other: ['I2', 'I3^-'], because: 'nitrogen triiodide may settle, a black solid that explodes at a touch when it is dry', code: 'nitrogenTriiodide', codeFromM: [0.5, 0.001], source: limits },
  { one: ['N3^-', 'HN3'], other: [...strongOxidants, 'HNO2', 'NO2^-', 'I2', 'Fe^3+'], because: 'azide is oxidised to nitrogen by a path the model does not have', source: limits },
  { one: ['HNO2'], other: ['HN3'], because: 'nitrous acid reacts with this to nitrogen slowly, faster when warm', source: limits },
  { one: [...organic, ...hydrocarbons], other: ['NO3^-', 'ClO4^-'], needs: { 'H^+': 5 }, because: 'concentrated nitric or perchloric acid oxidises organic substances, after a delay and then violently', code: 'oxidiserWithOrganic', codeFromM: [0.1, 5], source: limits },
  { one: charring, other: ['HSO4^-'], needs: { 'HSO4^-': 8 }, because: 'concentrated sulfuric acid takes water out of it, which chars it and gets very hot', code: 'acidChars', codeFromM: [0.3, 8], source: limits },
  { one: ['MnO4^-'], other: ['HSO4^-'], needs: { 'HSO4^-': 8 }, because: `${strongAcid} manganese heptoxide forms, a green oil that explodes: do not do this with a class`, code: 'manganeseHeptoxide', source: limits },
  { one: ['indicator'], other: ['ClO^-', 'BrO^-', 'MnO4^-'], because: 'this bleaches indicators sooner or later, so its colour tells nothing', source: limits },
  { one: redoxDyesThere, other: [...strongOxidants, 'Sn^2+', 'SO2', 'HSO3^-', 'SO3^2-', 'HS^-', 'H2S', 'Ti^3+', 'Cr^2+', 'V^2+', 'HC6H7O6', 'C6H7O6^-'], because: 'this bleaches or reduces the dye, by steps the model does not have', seenFromM: 1e-6, source: limits },
] as const satisfies readonly Unmodelled[];
