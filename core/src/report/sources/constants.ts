import { commonPractice } from '../../matter/substances/source';
import { readSource } from '../../matter/substances/readSource';
import type { AsRead } from '../../matter/substances/readSource';
import type { Source } from '../../matter/substances/source';
import type { BurningLiquid } from '../../matter/substances/types';
import { acidBaseSteps, waterIonisation } from '../../matter/substances/data/acidBaseSteps';
import { ageing } from '../../matter/substances/data/ageing';
import { carbonDioxideOfAir, oxygenShareOfAir } from '../../matter/substances/data/air';
import { burningLiquids } from '../../matter/substances/data/burningLiquids';
import { coats } from '../../matter/substances/data/coats';
import { complexes } from '../../matter/substances/data/complexes';
import { dangers, dryDangers, unmodelled } from '../../matter/substances/data/dangers';
import { ionicDiffusion } from '../../matter/substances/data/diffusion';
import { dilutionHeats } from '../../matter/substances/data/dilutionHeats';
import { dissolvedGases } from '../../matter/substances/data/dissolvedGases';
import { dryingAgents } from '../../matter/substances/data/dryingAgents';
import {
  electrodeProcesses,
  notAtElectrodes,
} from '../../matter/substances/data/electrodeProcesses';
import { electrodes, stainlessSteel } from '../../matter/substances/data/electrodes';
import { exposureLimits } from '../../matter/substances/data/exposureLimits';
import { benchTemperature, heatedFrom } from '../../matter/substances/data/builders/heated';
import { solidLooks } from '../../matter/substances/data/builders/solids';
import { flameColours, flameRanksSource } from '../../matter/substances/data/flameColours';
import { flammability } from '../../matter/substances/data/flammability';
import { formationEnthalpies } from '../../matter/substances/data/formationEnthalpies';
import { gasProofs } from '../../matter/substances/data/gasProofs';
import { gasProperties } from '../../matter/substances/data/gasProperties';
import { heatedColours, hotSolids } from '../../matter/substances/data/hotSolids';
import { dropSource, indicators } from '../../matter/substances/data/indicators';
import { ionsInWater } from '../../matter/substances/data/ionsInWater';
import { keeping } from '../../matter/substances/data/keeping';
import { melts } from '../../matter/substances/data/melts';
import { metalDensities, metalDensitySource } from '../../matter/substances/data/metalDensities';
import { metalsOnWater } from '../../matter/substances/data/metalsOnWater';
import { organicTests } from '../../matter/substances/data/organicTests';
import { overpotentials } from '../../matter/substances/data/overpotentials';
import { pureSolids } from '../../matter/substances/data/pureSolids';
import { redoxCouples } from '../../matter/substances/data/redoxCouples';
import { redoxDyes } from '../../matter/substances/data/redoxDyes';
import { referenceElectrodes } from '../../matter/substances/data/referenceElectrodes';
import { scrubbers } from '../../matter/substances/data/scrubbers';
import { appearanceSource, shelf } from '../../matter/substances/data/shelf';
import { slowTransfers } from '../../matter/substances/data/slowTransfers';
import { layerSpectra, solvents } from '../../matter/substances/data/solvents';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { spectra } from '../../matter/substances/data/spectra';
import { starch } from '../../matter/substances/data/starch';
import { teachingCompounds } from '../../matter/substances/data/teachingCompounds';
import { thermalChanges } from '../../matter/substances/data/thermalChanges';
import { waterVapour, waterVapourSource } from '../../matter/substances/data/waterVapour';
import type {
  AbsorptionBand,
  GasProof,
  TeachingCompound,
  Unmodelled,
} from '../../matter/substances/types';
import { atomicMasses } from '../../matter/formula/elements';
import { inorganicTests } from '../../studies/identify/inorganic/runTests';
import { marksOf } from '../../studies/identify/grade';
import { notIssued } from '../../studies/identify/inorganic/inorganicModel';
import { notOnTheList } from '../../studies/identify/organic/organicModel';
import { classification } from '../../safety/data/classification';
import { mFactors, specificLimits, toxicityEstimates } from '../../safety/data/limits';
import { indicatorMixes } from '../../planning/prep/indicatorRecipe';
import { dissolvingAids } from '../../solution/preparation/dissolvingAids';
import { hazardsSource } from '../../safety/hazards';
import { dischargeLimits } from '../../planning/waste/limits';
import { rulesOfThumb } from './rulesOfThumb';
import { tableOf } from './table';
import { molarMassOf } from '../../matter/formula/molarMass';
import { comparisonOf } from './comparison';
import type { ConstantTable, Standing } from './table';
import { formatNumber } from '../../common/formatNumber';
import { forAnyReader } from '../../common/reader';

const bandWords = (bands: readonly AbsorptionBand[]): string =>
  bands
    .map(
      ({ maximumNm, absorptivity, widthPerCm }) =>
        `${formatNumber(maximumNm)} nm, ${formatNumber(absorptivity)} L mol⁻¹ cm⁻¹, ${formatNumber(widthPerCm)} cm⁻¹ wide`,
    )
    .join('; ');
const own = <Row extends { readonly source: Source }>({ source }: Row): Source => source;
/** Of what a row says besides the value that was read. */
const beside = ({ source, beside: other = source }: AsRead<{ readonly source: Source }>): Source =>
  other;
/** A field that was compared: the works that have it, or what the row says. */
const readOr = <Row extends { readonly source: Source }>(
  table: string,
  of: (row: Row) => string,
  asTold?: (value: number, row: Row) => number,
): Standing<Row> => ({
  source: (row) => readSource(table, of(row)) ?? row.source,
  compared: (row) => comparisonOf(table, of(row), asTold && ((value) => asTold(value, row))),
});
/** The heat that stands beside a constant. */
const heatOf = (
  table: string,
): Standing<AsRead<{ readonly source: Source; readonly formula: string }>> => ({
  source: (row) => readSource(`${table}Heat`, row.formula) ?? beside(row),
  compared: (row) => comparisonOf(`${table}Heat`, row.formula),
});
/** A field of a row that goes by its formula, and was compared. */
const byFormula = (
  table: string,
  asTold?: (value: number) => number,
): Standing<{ readonly source: Source; readonly formula: string }> =>
  readOr(table, ({ formula: of }) => of, asTold);
const negative = (value: number): number => -value;
const power = (value: number): number => 10 ** value;
/** Rows with two sources: the first is that of what is measured, the second of what is seen at the bench. */
interface TwoSources {
  readonly sources: readonly Source[];
}
const ofTheTrade = ({ sources }: TwoSources): Source => sources[1] ?? judged;
const firstOr = (table: string): Standing<TwoSources & { readonly formula: string }> => ({
  source: (row) => readSource(table, row.formula) ?? row.sources[0] ?? judged,
  compared: (row) => comparisonOf(table, row.formula),
});
const formula = ({ formula: of }: { readonly formula: string }): string => of;
const together = (...parts: readonly (readonly string[])[]): string =>
  parts.map((part) => part.join(', ')).join(' with ');

/** Weights and shares that are judged, not measured; each says so. */
const judgements = [
  {
    of: 'Unknowns',
    quantity: 'chance that the jar holds nothing on the list, organic',
    value: notOnTheList,
  },
  {
    of: 'Unknowns',
    quantity: 'chance that the jar holds nothing on the list, inorganic',
    value: notIssued,
  },
  { of: 'Marks', quantity: 'for what it is, of 10', value: marksOf.identity },
  { of: 'Marks', quantity: 'for the evidence, of 10', value: marksOf.evidence },
  { of: 'Marks', quantity: 'for blanks, of 10', value: marksOf.blanks },
] as const;
const judged = commonPractice('a judgement of this application, open to another');

/** Every constant of the calculations, by kind, each with its unit and its source. */
export const constantTables = forAnyReader((): readonly ConstantTable[] => {
  return [
    tableOf(
      'Atomic masses',
      atomicMasses(),
      ({ symbol }) => symbol,
      [['relative atomic mass', 'g/mol', ({ mass }) => mass]],
      () => ({
        kind: 'package',
        name: 'chemical-elements',
        detail: 'standard atomic masses',
      }),
    ),
    tableOf(
      'Substances on the shelf',
      shelf,
      formula,
      [
        [
          'solubility, 20–25 °C',
          'g per 100 g of water',
          (row) => (row.solubilityFrom ? undefined : row.solubilityGPer100G),
        ],
        [
          'solubility by temperature',
          '°C: g per 100 g',
          ({ curve }) => curve?.map(([at, g]) => `${at}: ${g}`),
        ],
        ['concentration as sold', 'mol/L', ({ stock }) => stock?.concentrationM],
        ['mass share as sold', '%', ({ stock }) => stock?.percentWW],
        ['density as sold', 'g/mL', ({ stock }) => stock?.densityGPerMl],
        [
          'appearance',
          '',
          ({ forms }) => forms.map((one) => `${one.formula} ${one.appearance}`),
          () => appearanceSource,
        ],
      ],
      own,
    ),
    tableOf(
      'Sparingly soluble solids',
      sparinglySoluble,
      formula,
      [
        ['−log₁₀ Ksp, 25 °C', '', ({ pKsp }) => pKsp, byFormula('sparinglySoluble', negative)],
        [
          'enthalpy of dissolving',
          'kJ/mol',
          (row) => row.dissolutionKJPerMol,
          heatOf('sparinglySoluble'),
        ],
        ['colour', '', ({ colour }) => colour, () => solidLooks.colour],
        ['texture', '', ({ texture }) => texture, () => solidLooks.texture],
      ],
      own,
    ),
    tableOf(
      'Acids and bases',
      acidBaseSteps,
      formula,
      [
        [
          'log₁₀ β from its components, 25 °C',
          '',
          ({ logBeta }) => logBeta,
          byFormula('acidBaseSteps'),
        ],
        [
          'enthalpy from its components',
          'kJ/mol',
          (row) => row.enthalpyKJPerMol,
          heatOf('acidBaseSteps'),
        ],
      ],
      own,
    ),
    tableOf(
      'Water',
      [waterIonisation],
      () => 'H2O',
      [
        ['pKw, 25 °C', '', ({ pKw }) => pKw],
        ['enthalpy of ionisation', 'kJ/mol', (row) => row.enthalpyKJPerMol],
      ],
      own,
    ),
    tableOf(
      'Complexes and ion pairs',
      complexes,
      formula,
      [
        [
          'log₁₀ β from its components, 25 °C',
          '',
          ({ logBeta }) => logBeta,
          byFormula('complexes'),
        ],
        [
          'enthalpy from its components',
          'kJ/mol',
          (row) => row.enthalpyKJPerMol,
          heatOf('complexes'),
        ],
      ],
      own,
    ),
    tableOf(
      'Standard potentials',
      redoxCouples,
      ({ half }) => half,
      [
        [
          'E°, 25 °C, against hydrogen',
          'V',
          (row) => row.standardPotentialV,
          readOr('redoxCouples', ({ half }) => half),
        ],
      ],
      own,
    ),
    tableOf(
      'Transfers of electrons that do not go as potentials allow',
      slowTransfers,
      ({ oxidants, reductants }) => together(oxidants ?? ['any'], reductants ?? ['any']),
      [['why', '', ({ because }) => because]],
      own,
    ),
    tableOf(
      'Enthalpies of formation',
      formationEnthalpies,
      ({ formula: of, state }) => `${of}(${state})`,
      [
        [
          'ΔfH°, 25 °C',
          'kJ/mol',
          (row) => row.kJPerMol,
          readOr('formationEnthalpies', (row) => `${row.formula}(${row.state})`),
        ],
      ],
      own,
    ),
    tableOf(
      'Heats of dilution',
      dilutionHeats,
      ({ anion }) => anion,
      [
        ['full heat of dilution', 'kJ/mol', (row) => row.fullKJPerMol],
        ['half of it at', 'mol of water to one of acid', (row) => row.halfAtWater],
      ],
      own,
    ),
    tableOf(
      'Dissolved gases',
      dissolvedGases,
      formula,
      [
        [
          'Henry’s constant, 25 °C',
          'mol L⁻¹ atm⁻¹',
          (row) => row.henryMPerAtm,
          byFormula('dissolvedGases', power),
        ],
        [
          'enthalpy of dissolving',
          'kJ/mol',
          (row) => row.enthalpyKJPerMol,
          heatOf('dissolvedGases'),
        ],
        ['colour', '', ({ colour }) => colour, beside],
      ],
      own,
    ),
    tableOf(
      'Gases at the bench',
      gasProperties,
      formula,
      [
        ['solubility, 25 °C, 1 atm', 'mL per 100 mL', (row) => row.solubilityMlPer100Ml],
        ['lit splint', '', ({ litSplint }) => litSplint, ofTheTrade],
        ['smell, as a caution', '', ({ smell }) => smell, ofTheTrade],
        ['hazard', '', ({ hazard }) => hazard, ofTheTrade],
      ],
      ({ sources }) => sources[0] ?? judged,
    ),
    tableOf(
      'What gases are proved by',
      gasProofs as readonly GasProof[],
      ({ gas }) => gas,
      [['test', '', ({ method, positive }) => `${method}: ${positive}`]],
      own,
    ),
    tableOf(
      'Exposure limits',
      exposureLimits as readonly {
        gas: string;
        eightHoursPpm?: number;
        fifteenMinutesPpm?: number;
        source: Source;
      }[],
      ({ gas }) => gas,
      [
        ['mean over eight hours', 'ppm', (row) => row.eightHoursPpm],
        ['mean over fifteen minutes', 'ppm', (row) => row.fifteenMinutesPpm],
      ],
      own,
    ),
    tableOf(
      'Mixtures with air that burn',
      flammability,
      ({ gas }) => gas,
      [
        [
          'from',
          '% by volume',
          (row) => row.lowPercent,
          readOr('flammabilityFrom', ({ gas }) => gas),
        ],
        ['to', '% by volume', (row) => row.highPercent, readOr('flammabilityTo', ({ gas }) => gas)],
      ],
      own,
    ),
    tableOf(
      'Air',
      [
        { of: 'O2', ...oxygenShareOfAir },
        { of: 'CO2', ...carbonDioxideOfAir },
      ],
      ({ of }) => of,
      [['share of air by volume', '', ({ value }) => value]],
      own,
    ),
    tableOf(
      'Vapour pressure of water',
      waterVapour,
      () => 'H2O',
      [['vapour pressure', '°C: kPa', ([at, kPa]) => `${at}: ${kPa}`]],
      ([at]) => readSource('waterVapour', `${at} °C`) ?? waterVapourSource,
    ),
    tableOf(
      'Absorption spectra',
      [...spectra, ...layerSpectra],
      formula,
      [['bands', '', ({ bands }) => bandWords(bands)]],
      own,
    ),
    tableOf(
      'Indicators',
      indicators,
      ({ name }) => name,
      [
        ['pKa', '', ({ pKa }) => pKa.map(String)],
        ['amount in a drop', 'mol', (row) => row.molPerDrop, () => dropSource],
        ['bands by form', '', ({ forms }) => forms.map((bands) => bandWords(bands) || 'none')],
      ],
      own,
    ),
    tableOf(
      'Redox dyes',
      redoxDyes,
      ({ name }) => name,
      [
        ['amount in a drop', 'mol', (row) => row.molPerDrop],
        [
          'speed of reduction by glucose, 25 °C',
          'L² mol⁻² s⁻¹',
          ({ stages }) => stages.map(({ perM2PerS }) => String(perM2PerS)),
        ],
      ],
      ({ sources }) => sources[1],
    ),
    tableOf(
      'Starch',
      [starch],
      ({ name }) => name,
      [
        ['iodine bound by a drop', 'mol', (row) => row.sitesPerDrop],
        ['log₁₀ of the binding constant, 25 °C', 'L/mol', ({ logK }) => logK],
        ['enthalpy of binding', 'kJ/mol', (row) => row.enthalpyKJPerMol],
      ],
      own,
    ),
    tableOf(
      'Diffusion in water',
      ionicDiffusion,
      formula,
      [
        [
          'diffusion coefficient, 25 °C',
          '10⁻⁹ m²/s',
          ({ coefficient }) => coefficient,
          byFormula('diffusion'),
        ],
      ],
      own,
    ),
    tableOf(
      'Solvents that do not mix with water',
      solvents,
      formula,
      [
        ['density', 'g/mL', (row) => row.densityGPerMl],
        [
          'partition against water',
          '',
          ({ partition }) => Object.entries(partition).map(([of, ratio]) => `${of} ${ratio}`),
        ],
      ],
      own,
    ),
    tableOf(
      'Elements and oxides as solids',
      pureSolids,
      formula,
      [['colour', '', ({ colour }) => colour]],
      own,
    ),
    tableOf(
      'What heat does',
      thermalChanges,
      ({ equation }) => equation,
      [
        [
          'seen to run from',
          '°C',
          ({ atC }) => atC,
          ({ source }) => (source === heatedFrom.text ? benchTemperature : source),
        ],
        ['shows', '', ({ shows }) => shows?.says],
      ],
      own,
    ),
    tableOf(
      'Solids that heat leaves what they are',
      hotSolids,
      formula,
      [
        ['melts at', '°C', ({ meltsC }) => meltsC, readOr('hotMelting', ({ formula: of }) => of)],
        ['sublimes at', '°C', ({ sublimesC }) => sublimesC],
        ['boils at', '°C', ({ boilsC }) => boilsC, readOr('hotBoiling', ({ formula: of }) => of)],
        ['nothing happens up to', '°C', ({ staysToC }) => staysToC],
        ['while hot', '', ({ whileHot }) => whileHot?.says],
      ],
      own,
    ),
    tableOf(
      'Colours of heated solids',
      heatedColours,
      formula,
      [['colour', '', ({ colour }) => colour]],
      own,
    ),
    tableOf(
      'Liquids in a flame',
      burningLiquids as readonly BurningLiquid[],
      formula,
      [
        ['burns as', '', ({ equation }) => equation],
        ['shows', '', ({ shows }) => shows?.says],
      ],
      own,
    ),
    tableOf(
      'Flame colours',
      flameColours,
      ({ ion }) => ion,
      [
        ['colour', '', ({ words }) => words],
        ['shows from', 'mmol', (row) => row.fromMmol, () => flameRanksSource],
      ],
      own,
    ),
    tableOf(
      'Metals on water',
      metalsOnWater,
      formula,
      [
        ['density', 'g/mL', (row) => row.densityGPerMl, firstOr('metalsOnWaterDensity')],
        ['melts at', '°C', ({ meltsC }) => meltsC, firstOr('metalsOnWaterMelting')],
        ['pace', '', ({ pace }) => pace, ofTheTrade],
        ['largest piece shown', 'g', ({ mostG }) => mostG, ofTheTrade],
      ],
      ({ sources }) => sources[0] ?? judged,
    ),
    tableOf(
      'Densities of metals',
      Object.entries(metalDensities),
      ([of]) => of,
      [['density, 20–25 °C', 'g/cm³', ([, density]) => density]],
      ([of]) => readSource('metalDensities', of) ?? metalDensitySource,
    ),
    tableOf(
      'Overpotentials of gases',
      overpotentials,
      ({ gas, surface }) => `${gas} at ${surface}`,
      [
        [
          'overpotential by current density',
          'mA/cm²: V',
          ({ points }) => points.map(([at, volts]) => `${at}: ${volts}`),
        ],
      ],
      own,
    ),
    tableOf(
      'Processes at electrodes',
      electrodeProcesses,
      ({ half }) => half,
      [['exchange current density', 'A/cm²', (row) => row.exchangeAPerCm2]],
      own,
    ),
    tableOf(
      'What electrodes leave alone',
      notAtElectrodes,
      ({ of, side }) => `${of.join(', ')} at the ${side}`,
      [['why', '', ({ because, means }) => `${means}: ${because}`]],
      own,
    ),
    tableOf(
      'Electrodes',
      electrodes,
      ({ material }) => material,
      [['as plus', '', ({ inert }) => (inert ? 'stays what it is' : 'may dissolve')]],
      own,
    ),
    tableOf(
      'Stainless steel',
      [stainlessSteel],
      () => 'stainless steel',
      [
        ['mass shares', '', ({ shares }) => Object.entries(shares).map(([of, w]) => `${of} ${w}`)],
        ['share of the current that dissolves it', '', (row) => row.dissolvingShare],
      ],
      own,
    ),
    tableOf(
      'Reference electrodes',
      Object.values(referenceElectrodes),
      ({ name }) => name,
      [['potential against hydrogen, 25 °C', 'V', (row) => row.potentialV]],
      own,
    ),
    tableOf(
      'Melts',
      melts,
      formula,
      [['melts at', '°C', ({ meltsC }) => meltsC, byFormula('melts')]],
      own,
    ),
    tableOf(
      'What dries a gas',
      dryingAgents,
      ({ name }) => name,
      [
        [
          'must not meet',
          '',
          ({ reactsWith }) => Object.entries(reactsWith).map(([gas, why]) => `${gas}: ${why}`),
        ],
      ],
      own,
    ),
    tableOf(
      'What washes a gas',
      scrubbers,
      ({ name }) => name,
      [['takes out', '', ({ takes }) => takes]],
      own,
    ),
    tableOf(
      'Coats that seal',
      coats,
      ({ solid }) => solid,
      [['coat', '', ({ coat }) => coat]],
      own,
    ),
    tableOf(
      'Ions that water turns into others',
      ionsInWater,
      formula,
      [['becomes', '', ({ becomes }) => Object.keys(becomes)]],
      own,
    ),
    tableOf(
      'How solutions keep',
      keeping,
      ({ of }) => of,
      [['keeps', '', ({ words }) => words]],
      own,
    ),
    tableOf(
      'How old bottles age',
      ageing,
      ({ of }) => of,
      [
        ['share that is still itself', '', ({ left }) => left],
        ['how', '', ({ words }) => words],
      ],
      own,
    ),
    tableOf(
      'Dangers',
      dangers,
      ({ aboveM }) => Object.keys(aboveM).join(', '),
      [['warning', '', ({ message }) => message]],
      own,
    ),
    tableOf(
      'Dry dangers',
      dryDangers,
      ({ feeding, burning }) => together(feeding, burning),
      [['warning', '', ({ message }) => message]],
      own,
    ),
    tableOf(
      'Reactions outside the model',
      unmodelled as readonly Unmodelled[],
      ({ one, other }) => together(one, other),
      [['not predicted, because', '', ({ because }) => because]],
      own,
    ),
    tableOf(
      'Hazard statements (GHS)',
      Object.entries(classification),
      ([of]) => of,
      [['as supplied', '', ([, codes]) => (codes.length > 0 ? codes : 'not classified')]],
      () => hazardsSource,
    ),
    tableOf(
      'Specific concentration limits (CLP)',
      Object.entries(specificLimits).flatMap(([of, all]) => all.map((one) => ({ of, ...one }))),
      ({ of }) => of,
      [
        [
          'from',
          '% by mass',
          ({ from }) => Object.entries(from).map(([code, percent]) => `${code} ${percent} %`),
        ],
      ],
      own,
    ),
    tableOf(
      'M-factors (aquatic)',
      Object.entries(mFactors).map(([of, one]) => ({ of, ...one })),
      ({ of }) => of,
      [
        ['acute', 'times', ({ acute }) => acute],
        ['chronic', 'times', ({ chronic }) => chronic],
      ],
      own,
    ),
    tableOf(
      'Acute toxicity estimates',
      Object.entries(toxicityEstimates).map(([of, one]) => ({ of, ...one })),
      ({ of }) => of,
      [
        ['by mouth', 'mg/kg', ({ oral }) => oral],
        ['by skin', 'mg/kg', ({ dermal }) => dermal],
        ['vapour', 'mg/L', ({ vapour }) => vapour],
        ['mist', 'mg/L', ({ mist }) => mist],
      ],
      own,
    ),
    tableOf(
      'Strength of indicator solutions',
      indicatorMixes,
      ({ name }) => name,
      [
        ['strength', '% w/v', ({ percentWV }) => percentWV],
        ['ethanol in the bottle', '% by volume', ({ ethanolPercent }) => ethanolPercent],
      ],
      own,
    ),
    tableOf(
      'What is put in so that something dissolves',
      dissolvingAids,
      ({ of }) => of,
      [['how', '', ({ words }) => words]],
      own,
    ),
    tableOf(
      'Limits of what is dissolved in waste',
      dischargeLimits,
      ({ name }) => name,
      [['limit', 'mg/L', ({ mgPerL }) => mgPerL]],
      own,
    ),
    tableOf(
      'Organic compounds',
      teachingCompounds as readonly TeachingCompound[],
      ({ name }) => name,
      [
        ['formula', '', ({ formula: of }) => of, readOr('organicMasses', ({ name }) => name)],
        ['melts at', '°C', ({ meltsC }) => meltsC, readOr('organicMelting', ({ name }) => name)],
        [
          'boils at, 101 kPa',
          '°C',
          ({ boilsC }) => boilsC,
          readOr('organicBoiling', ({ name }) => name),
        ],
        [
          'solubility in water',
          'g per 100 mL',
          (row) => row.waterGPer100Ml,
          readOr(
            'organicSolubility',
            ({ name }) => name,
            (logM, row) => (10 ** logM * molarMassOf(row.formula)) / 10,
          ),
        ],
      ],
      own,
    ),
    tableOf(
      'Tests of unknowns',
      [...organicTests, ...inorganicTests],
      ({ label }) => label,
      [
        ['share told positive where it is negative', '', (row) => row.falsePositive],
        ['share told negative where it is positive', '', (row) => row.falseNegative],
        ['time', 'min', ({ minutes }) => minutes],
      ],
      own,
    ),
    tableOf(
      'Judgements',
      judgements,
      ({ of }) => of,
      judgements.map(({ quantity }, at) => [
        quantity,
        '',
        (row: (typeof judgements)[number]) => (row === judgements[at] ? row.value : undefined),
      ]),
      () => judged,
    ),
    tableOf(
      'Rules and facts of the trade',
      rulesOfThumb,
      ({ of }) => of,
      [['used for', '', ({ of }) => of]],
      own,
    ),
  ];
});
