import { commonPractice } from '../source';
import type { InorganicRun } from '../types';

const trade = commonPractice('qualitative inorganic analysis as taught: a few drops to a spot of 0.1 mol/L sample; times and how often a class misreads a test are judgements, from memory');

/** What every drop test has in common: 2 mL of about 0.1 mol/L, so some 20 mg of a salt. */
const drop = { minutes: 1.5, cost: 1, sampleMg: 20, hazard: 1, blank: 'distilled water with the same reagent', falsePositive: 0.04, falseNegative: 0.04, source: trade } as const;
const toxic = 'Toxic: gloves, drops only, to the heavy-metal waste.';

/**
 * Tests of an inorganic unknown. What they show is no table: every run is done by the engine on every candidate.
 * Doings are in the order of the bench; a test reads the vessel after one of them.
 */
export const inorganicRuns: readonly InorganicRun[] = [
  { on: 'solid', doings: [{ hold: 'flame' }], reads: [
    { ...drop, name: 'appearance', label: 'Appearance of the solid', reagents: [], how: 'Look at the crystals on white paper.', blank: 'none needed', minutes: 0.5, sampleMg: 0, at: 0, reading: 'solidColour' },
    { ...drop, name: 'flame', label: 'Flame', reagents: ['hydrochloric acid'], how: 'A clean wire dipped in hydrochloric acid, then in the solid, then into the hot edge of the flame.', blank: 'the wire glowed clean', minutes: 2, hazard: 2, sampleMg: 5, falsePositive: 0.08, falseNegative: 0.08, at: 1, reading: 'flame' },
  ] },
  { on: 'solution', doings: [], reads: [
    { ...drop, name: 'solubility', label: 'Solubility in water', reagents: ['water'], how: 'A spatula tip in 2 mL of water, shaken.', blank: 'water alone', minutes: 1, at: 0, reading: 'dissolving' },
    { ...drop, name: 'solutionColour', label: 'Colour of the solution', reagents: ['water'], how: 'Against white paper.', blank: 'water alone', minutes: 0.5, sampleMg: 0, at: 0, reading: 'solutionColour' },
    { ...drop, name: 'pH', label: 'pH paper', reagents: ['indicator paper'], how: 'A drop on paper.', blank: 'water on the same paper', minutes: 0.5, sampleMg: 2, falsePositive: 0.08, falseNegative: 0.08, at: 0, reading: 'paper' },
  ] },
  { on: 'solution', doings: [{ add: 'NaOH', concentrationM: 1, volumeMl: 0.5 }, { add: 'NaOH', concentrationM: 2, volumeMl: 4 }, { heatToC: 70 }, { hold: 'dampRedLitmus' }], reads: [
    { ...drop, name: 'NaOH', label: 'Sodium hydroxide, a few drops', reagents: ['sodium hydroxide'], how: 'Drop by drop until something stays.', hazard: 2, at: 1, reading: 'change' },
    { ...drop, name: 'NaOHExcess', label: 'Sodium hydroxide in excess', reagents: ['sodium hydroxide'], how: 'Go on until it dissolves or ten drops more do nothing.', hazard: 2, minutes: 2, at: 2, reading: 'excess' },
    { ...drop, name: 'NaOHWarm', label: 'Warmed with sodium hydroxide, damp red litmus', reagents: ['sodium hydroxide', 'red litmus'], how: 'Warm gently, the paper over the mouth and not touching the glass.', hazard: 3, minutes: 3, caution: 'Hot strong base spits: move the tube, mouth away from people.', at: 4, reading: 'held' },
  ] },
  { on: 'solution', doings: [{ add: 'NH3', concentrationM: 2, volumeMl: 0.15 }, { add: 'NH3', concentrationM: 6, volumeMl: 4 }], reads: [
    { ...drop, name: 'NH3', label: 'Ammonia, a few drops', reagents: ['ammonia solution'], how: 'Drop by drop until something stays.', hazard: 2, at: 1, reading: 'change' },
    { ...drop, name: 'NH3Excess', label: 'Ammonia in excess', reagents: ['ammonia solution'], how: 'Go on until it dissolves or ten drops more do nothing.', hazard: 2, minutes: 2, at: 2, reading: 'excess' },
  ] },
  { on: 'solution', doings: [{ add: 'HCl', concentrationM: 2, volumeMl: 1 }, { hold: 'limewater' }], reads: [
    { ...drop, name: 'HCl', label: 'Dilute hydrochloric acid', reagents: ['hydrochloric acid'], how: 'Ten drops; watch for bubbles and for a cloud.', hazard: 2, caution: 'A sulfide, sulfite, cyanide or hypochlorite gives a toxic gas: hood.', at: 1, reading: 'change' },
    { ...drop, name: 'HClLimewater', label: 'Gas of the acid, into lime water', reagents: ['hydrochloric acid', 'lime water'], how: 'Lead the gas over or into lime water.', hazard: 2, minutes: 3, at: 2, reading: 'held' },
  ] },
  { on: 'solution', doings: [{ add: 'H2SO4', concentrationM: 1, volumeMl: 1 }], reads: [
    { ...drop, name: 'H2SO4', label: 'Dilute sulfuric acid', reagents: ['sulfuric acid'], how: 'Ten drops; watch for bubbles and for a cloud.', hazard: 2, at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'HCl', concentrationM: 2, volumeMl: 0.5 }, { add: 'BaCl2', concentrationM: 0.2, volumeMl: 0.5 }], reads: [
    { ...drop, name: 'BaCl2Acidified', label: 'Barium chloride with hydrochloric acid', reagents: ['hydrochloric acid', 'barium chloride'], how: 'Acid first, until nothing more bubbles; then the reagent.', hazard: 2, caution: toxic, cost: 2, at: 2, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'HNO3', concentrationM: 2, volumeMl: 0.5 }, { add: 'AgNO3', concentrationM: 0.1, volumeMl: 0.5 }], reads: [
    { ...drop, name: 'AgNO3Acidified', label: 'Silver nitrate with nitric acid', reagents: ['nitric acid', 'silver nitrate'], how: 'Acid first, until nothing more bubbles; then the reagent.', hazard: 2, caution: 'Silver nitrate stains skin.', cost: 4, at: 2, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'AgNO3', concentrationM: 0.1, volumeMl: 0.5 }], reads: [
    { ...drop, name: 'AgNO3', label: 'Silver nitrate', reagents: ['silver nitrate'], how: 'A few drops to the neutral solution.', hazard: 2, cost: 4, at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'BaCl2', concentrationM: 0.2, volumeMl: 0.5 }], reads: [
    { ...drop, name: 'BaCl2', label: 'Barium chloride', reagents: ['barium chloride'], how: 'A few drops to the neutral solution.', hazard: 2, caution: toxic, cost: 2, at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'Na2CO3', concentrationM: 0.5, volumeMl: 0.5 }], reads: [
    { ...drop, name: 'Na2CO3', label: 'Sodium carbonate', reagents: ['sodium carbonate'], how: 'A few drops.', at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'KI', concentrationM: 0.2, volumeMl: 0.5 }], reads: [
    { ...drop, name: 'KI', label: 'Potassium iodide', reagents: ['potassium iodide'], how: 'A few drops.', cost: 3, at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'KSCN', concentrationM: 0.01, volumeMl: 0.3 }], reads: [
    { ...drop, name: 'KSCN', label: 'Potassium thiocyanate', reagents: ['potassium thiocyanate'], how: 'A few drops. Thiocyanate, not cyanide.', cost: 2, at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'K4Fe(CN)6', concentrationM: 0.1, volumeMl: 0.3 }], reads: [
    { ...drop, name: 'K4Fe(CN)6', label: 'Potassium hexacyanidoferrate(II)', reagents: ['potassium hexacyanidoferrate(II)'], how: 'A few drops; never with strong acid.', cost: 2, hazard: 2, at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'K2CrO4', concentrationM: 0.1, volumeMl: 0.3 }], reads: [
    { ...drop, name: 'K2CrO4', label: 'Potassium chromate', reagents: ['potassium chromate'], how: 'A few drops.', cost: 2, hazard: 4, caution: 'Chromium(VI): toxic and carcinogenic; gloves, drops only, to the chromium waste.', at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'Na2SO4', concentrationM: 0.5, volumeMl: 0.5 }], reads: [
    { ...drop, name: 'Na2SO4', label: 'Sodium sulfate', reagents: ['sodium sulfate'], how: 'A few drops.', at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'CaCl2', concentrationM: 0.5, volumeMl: 0.5 }], reads: [
    { ...drop, name: 'CaCl2', label: 'Calcium chloride', reagents: ['calcium chloride'], how: 'A few drops.', at: 1, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'HCl', concentrationM: 0.5, volumeMl: 1 }, { add: 'FeCl3', concentrationM: 0.1, volumeMl: 0.1 }], reads: [
    { ...drop, name: 'FeCl3', label: 'Iron(III) chloride with a little acid', reagents: ['hydrochloric acid', 'iron(III) chloride'], how: 'Acid first, then a drop or two of the reagent.', at: 2, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'HCl', concentrationM: 2, volumeMl: 0.5 }, { bubble: 'H2S', amountMmol: 0.8 }], reads: [
    { ...drop, name: 'H2SAcidified', label: 'Hydrogen sulfide in acid', reagents: ['hydrochloric acid', 'hydrogen sulfide source'], how: 'In the hood, a few bubbles into the acid solution.', hazard: 4, caution: 'Hydrogen sulfide is very toxic: hood, smallest scale, only where the local rules allow it.', cost: 3, minutes: 4, at: 2, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'NH3', concentrationM: 2, volumeMl: 1 }, { addSolid: 'dimethylglyoxime', massG: 0.01 }], reads: [
    { ...drop, name: 'dimethylglyoxime', label: 'Dimethylglyoxime in ammonia', reagents: ['ammonia solution', 'dimethylglyoxime'], how: 'Ammonia first, then a few drops of the reagent.', cost: 3, hazard: 2, at: 2, reading: 'change' },
  ] },
  { on: 'solution', doings: [{ add: 'HNO3', concentrationM: 1, volumeMl: 0.5 }, { add: 'Cl2', concentrationM: 0.05, volumeMl: 1 }], reads: [
    { ...drop, name: 'chlorineWater', label: 'Chlorine water', reagents: ['chlorine water'], how: 'A few drops to the acid solution: bromide turns yellow, iodide brown.', hazard: 3, cost: 2, caution: 'Chlorine: hood.', at: 2, reading: 'change' },
  ] },
];

/** Ions whose behaviour in a test the engine does not follow, and why: the outcome is then not predicted. */
export const notFollowed: readonly { readonly ion: string; readonly test: string; readonly why: string }[] = [
  { ion: 'Co^2+', test: 'NH3Excess', why: 'air oxidises the ammine to cobalt(III)' },
  { ion: 'Cu^2+', test: 'dimethylglyoxime', why: 'its brown complex is not in the tables' },
  { ion: 'Co^2+', test: 'dimethylglyoxime', why: 'its brown complex is not in the tables' },
  { ion: 'Fe^2+', test: 'dimethylglyoxime', why: 'its red complex is not in the tables' },
  { ion: 'Fe^2+', test: 'K4Fe(CN)6', why: 'a white solid that air turns blue' },
  { ion: 'Pb^2+', test: 'chlorineWater', why: 'oxidation to lead(IV) is slow' },
  { ion: 'Mn^2+', test: 'chlorineWater', why: 'oxidation to manganese(IV) is slow' },
];
