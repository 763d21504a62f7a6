import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import { faraday } from '../../solution/equilibrium/temperature';
import { molarMassOf } from '../../matter/formula/molarMass';
import { colourNear } from '../../seeing/rack/electrolysisSights';
import {
  electrodeProducts,
  electrodeProductsSource,
} from '../../matter/substances/data/electrodeProducts';
import type { Source } from '../../matter/substances/source';
import type { ColourPhrase, Electrode } from '../../matter/substances/types';
import { halfOf } from '../../vessel/electrolysis/electrodeHalves';
import type { AtElectrode } from '../../vessel/electrolysis/atElectrode';
import type { ElectrodeSide } from '../../vessel/electrolysis/electrodeSetting';
import { findElectrode } from '../../vessel/electrolysis/findElectrode';
import { halfText, productOf } from '../../vessel/electrolysis/halfText';
import { overallEquation } from '../../vessel/electrolysis/overall';
import {
  assumedAreaCm2,
  chlorineSource,
  gentleAPerCm2,
  mixingSource,
  passCurrent,
} from '../../vessel/electrolysis/passCurrent';
import { stillLayerSource } from '../../vessel/electrolysis/transport';
import type { Electrolysed, ElectrodeOutcome } from '../../vessel/electrolysis/passCurrent';
import { ruleOfThumb, ruleOfThumbSource } from '../../vessel/electrolysis/ruleOfThumb';
import type { RuleSays } from '../../vessel/electrolysis/ruleOfThumb';
import type { HalfReaction } from '../../vessel/halfReaction';
import type { Vessel } from '../../vessel/vessel';
import { inField } from '../../common/errors';
import { solubilityWarnings } from '../../vessel/warnings';
import { cellLiquid } from './cell';
import type { CellRequest } from './cellRequest';
import { molarVolumeMl } from './gasVolume';
import type { GasConditions } from './gasVolume';
import { bulkOf } from './voltages';
import { remainingIn } from './remaining';
import { schoolsDiffer } from './schools';
import type { Remaining, RemainingProcess } from './remaining';
import { atMostFigures } from '../../common/formatNumber';

/** A product at an electrode. */
export interface CellProduct {
  readonly half: HalfReaction;
  readonly formula: string;
  readonly state: 's' | 'l' | 'g' | 'aq';
  /** Share of the current that makes it, 0 to 1. */
  readonly share: number;
  readonly halfEquation: string;
  readonly seen: string;
  readonly test?: string;
  /** What the charge makes of it, where charge is known. */
  readonly amountMmol?: number;
  readonly massG?: number;
  /** Of a gas, as collected, mL. */
  readonly volumeMl?: number;
}

/** One electrode of a cell, as both schools have it. */
export interface CellElectrode {
  readonly electrode: Electrode;
  /** Those the chosen school predicts, the largest share first; empty where it is not predicted. */
  readonly products: readonly CellProduct[];
  readonly rule: RuleSays;
  /** Why the rule of thumb and the potentials part here, and what the bench shows; undefined where they agree. */
  readonly schoolsDiffer?: string;
  readonly at: AtElectrode;
  readonly nearPH: number;
  /** Colour of the liquid close to it. */
  readonly nearColour: ColourPhrase;
  readonly notPredicted: readonly string[];
}

/** What a cell does. */
export interface PredictedCell {
  readonly cathode: CellElectrode;
  readonly anode: CellElectrode;
  readonly overall?: string;
  readonly remaining: Remaining;
  readonly chargeC?: number;
  readonly run: Electrolysed;
  readonly liquid: Vessel;
  readonly densityAPerCm2: number;
  readonly areaCm2: number;
  readonly volumeMl: number;
  /** What was taken where nothing was said, and cautions. */
  readonly notes: readonly string[];
  readonly sources: readonly Source[];
}

/** A current and how it is looked at. */
export interface CellCurrent {
  readonly currentA?: number | undefined;
  readonly timeS?: number | undefined;
  /** Charge that passed, C, where a log tells it better than current × time. */
  readonly chargeC?: number | undefined;
  readonly school: 'potentials' | 'ruleOfThumb';
  readonly conditions: GasConditions;
}

const looks = new Map(electrodeProducts.map((row) => [row.formula, row]));
/** Share of the ions that a current may use up before the volume that nobody gave is taken larger. */
const littleUsed = 0.03;
/** Acid or base made, mol/L, that changes nothing at the electrodes yet. */
const littleMadeM = 0.02;
const usualVolumeMl = 100;
/** Time a prediction looks ahead where none is given, s. */
const lookAheadS = 600;
/** Share from which a product is a co-product worth telling. */
const worthTelling = 0.01;

/**
 * Foretells what comes off at each electrode of a solution, in both schools, and what stays behind.
 *
 * @throws ChemistryError for an unknown substance or electrode, or a liquid that does not conduct.
 */
export function predictCell(request: CellRequest, current: CellCurrent): PredictedCell {
  const cathode = inField('cathode', () => findElectrode(request.cathode));
  const anode = inField('anode', () => findElectrode(request.anode));
  const notes: string[] = [];
  const areaCm2 = request.areaCm2 ?? assumedAreaCm2(current.currentA ?? 0);
  const currentA = current.currentA ?? gentleAPerCm2 * areaCm2;
  const timeS =
    current.timeS ?? (current.chargeC === undefined ? lookAheadS : current.chargeC / currentA);
  const chargeC =
    current.chargeC ??
    (current.currentA !== undefined && current.timeS !== undefined ? currentA * timeS : undefined);
  if (request.areaCm2 === undefined)
    notes.push(`No area was given: ${round(areaCm2)} cm² of each electrode is taken.`);
  if (current.currentA === undefined && request.areaCm2 === undefined)
    notes.push('No current was given: 5 mA/cm² is taken, a gentle one.');
  const volumeMl = request.volumeMl ?? volumeFor(request, chargeC ?? currentA * timeS);
  if (request.volumeMl === undefined)
    notes.push(
      `No volume was given: ${round(volumeMl)} mL is taken, so that little of the salt is used up.`,
    );
  const liquid = cellLiquid(request, volumeMl);
  if (!('molten' in request.electrolyte))
    for (const { substance, concentrationM } of request.electrolyte)
      notes.push(...solubilityWarnings(substance, concentrationM).map(({ message }) => message));
  const run = passCurrent(liquid, {
    cathode,
    anode,
    currentA,
    timeS,
    areaCm2,
    mixing: request.mixing ?? 'still',
  });
  const { bulk } = bulkOf(liquid);
  const at = (side: ElectrodeSide) =>
    electrodeOf(side, run[side], { ranC: run.chargeC, chargeC, bulk }, current);
  const [minus, plus] = [at('cathode'), at('anode')];
  const overall = overallOf(minus, plus, bulk.pH);
  return {
    cathode: minus,
    anode: plus,
    ...(overall && { overall }),
    remaining: remainingIn(
      request.electrolyte,
      [...processesOf(minus, 'cathode'), ...processesOf(plus, 'anode')],
      chargeC ?? run.chargeC,
      volumeMl,
    ),
    ...(chargeC !== undefined && { chargeC }),
    run,
    liquid,
    densityAPerCm2: currentA / areaCm2,
    areaCm2,
    volumeMl,
    notes,
    sources: [
      ...new Set([
        ...[minus, plus].flatMap(({ at: { considered } }) =>
          considered.flatMap(({ sources }) => sources),
        ),
        stillLayerSource,
        mixingSource,
        ...(anodeGives(plus, 'Cl2') ? [chlorineSource] : []),
        ruleOfThumbSource,
        electrodeProductsSource,
      ]),
    ],
  };
}

const anodeGives = ({ products }: CellElectrode, formula: string): boolean =>
  products.some((one) => one.formula === formula);
const round = (value: number): string => atMostFigures(value, 2);

/** A volume in which the charge uses up a tenth of the ions at most. */
function volumeFor({ electrolyte }: CellRequest, chargeC: number): number {
  if ('molten' in electrolyte) return usualVolumeMl;
  const least = Math.min(...electrolyte.map(({ concentrationM }) => concentrationM));
  const electronsMmol = (chargeC / faraday) * 1000;
  return Math.min(
    1e6,
    Math.max(usualVolumeMl, electronsMmol / littleUsed / least, electronsMmol / littleMadeM),
  );
}

function electrodeOf(
  side: ElectrodeSide,
  outcome: ElectrodeOutcome,
  {
    ranC,
    chargeC,
    bulk,
  }: {
    readonly ranC: number;
    readonly chargeC: number | undefined;
    readonly bulk: Equilibrium;
  },
  { school, conditions }: CellCurrent,
): CellElectrode {
  const rule = ruleOfThumb(side, outcome.electrode, bulk.species);
  const at = outcome.first;
  const made = [...outcome.chargesC]
    .map(([text, coulomb]) => ({ text, share: Math.min(1, coulomb / ranC) }))
    .filter(({ share }) => share > worthTelling)
    .sort((a, b) => b.share - a.share);
  const tell = (text: string, share: number) => {
    const half = halfOf(text);
    const product = productOf(half, side);
    const formula = product.formula === 'I3^-' ? 'I2' : product.formula;
    const look = looks.get(formula);
    const amountMmol =
      chargeC === undefined
        ? undefined
        : (1000 * share * chargeC * product.count) / half.electrons / faraday;
    return {
      half,
      formula,
      state: product.state,
      share,
      halfEquation: halfText(half, side, bulk.pH),
      seen: look?.seen ?? 'nothing in particular',
      ...(look?.test && { test: look.test }),
      ...(amountMmol !== undefined && {
        amountMmol,
        massG: (amountMmol * molarMassOf(formula)) / 1000,
        ...(product.state === 'g' && { volumeMl: amountMmol * molarVolumeMl(conditions) }),
      }),
    } satisfies CellProduct;
  };
  const differ = schoolsDiffer(side, rule, at, outcome.electrode);
  const byRule = school === 'ruleOfThumb';
  return {
    electrode: outcome.electrode,
    products: byRule
      ? [tell(rule.half, 1)]
      : at.notPredicted.length > 0
        ? []
        : made.map(({ text, share }) => tell(text, share)),
    rule,
    ...(differ && { schoolsDiffer: differ }),
    at,
    nearPH: at.near.pH,
    nearColour: colourNear(outcome),
    notPredicted: at.notPredicted,
  };
}

function processesOf({ products }: CellElectrode, side: ElectrodeSide): RemainingProcess[] {
  return products.map(({ half, share }) => ({ side, half, share }));
}

function overallOf(minus: CellElectrode, plus: CellElectrode, pH: number): string | undefined {
  const [c, a] = [minus.products[0]?.half, plus.products[0]?.half];
  if (!c || !a) return undefined;
  return (
    overallEquation(c, a, pH) ??
    `${plus.electrode.formula}(s, plus) → ${plus.electrode.formula}(s, minus)`
  );
}
