import { ChemistryError } from '../../common/errors';
import { faraday } from '../../solution/equilibrium/temperature';
import { molarMassOf } from '../../matter/formula/molarMass';
import { combined } from '../../measuring/uncertainty';
import type { Quantity } from '../../measuring/uncertainty';
import { commonPractice } from '../../matter/substances/source';
import { withFigures, withPlaces } from '../../common/formatNumber';

/** What was weighed and measured of a run. Masses in g, times in s. */
export interface EfficiencyRequest {
  readonly metal: string;
  /** Electrons one ion of the metal takes. */
  readonly electrons: number;
  readonly chargeC: number;
  /** How long the current ran, s. */
  readonly timeS: number;
  /** What the ammeter may be off by, as a share of its reading. */
  readonly ammeterShare: number;
  /** What the clock and the setting of the current may be off by, s. */
  readonly clockS: number;
  readonly cathode?: WeighedElectrode;
  readonly anode?: WeighedElectrode;
  /** What one weighing may be off by, g. */
  readonly balanceG: number;
  /** ∫V dq, J. */
  readonly energyJ?: number;
}

/** An electrode on the balance. */
export interface WeighedElectrode {
  readonly beforeG: number;
  readonly afterG: number;
}

/** What one electrode says. */
export interface ElectrodeEfficiency {
  /** Gain at minus, loss at plus, g; negative when it went the other way. */
  readonly changeG: Quantity;
  /** Change over theory. */
  readonly efficiency: Quantity;
  /** More than all of the current, beyond what the uncertainty covers. */
  readonly impossible: boolean;
}

/** A likely reason for a result, with what it would take. */
export interface EfficiencyCause {
  readonly cause: string;
  readonly words: string;
  /** 0 to 1 among those told. */
  readonly likelihood: number;
  readonly remedy: string;
}

/** What a run says about its current. */
export interface Efficiency {
  readonly theoryG: Quantity;
  readonly cathode?: ElectrodeEfficiency;
  readonly anode?: ElectrodeEfficiency;
  /** Ranked, for a result that cannot be: above 100 %, or far below. Empty where nothing is wrong. */
  readonly causes: readonly EfficiencyCause[];
  /** Why the two electrodes differ; undefined where they agree within the uncertainty. */
  readonly mismatch?: string;
  /** For a kilogram of what was deposited, kWh. */
  readonly kWhPerKg?: Quantity;
  readonly working: readonly string[];
}

export const efficiencySource = commonPractice(
  'what makes a current efficiency come out wrong in a class, and about how often',
);

/** How many standard uncertainties above 100 % a result lies before it is called impossible. */
const beyond = 2;
/** Factors between theory and result that a slip of units makes, and how near a result must lie to be suspected. */
const unitSlips = [
  {
    factor: 60,
    cause: 'minutes read as seconds',
    remedy: 'Write the time in seconds: minutes × 60.',
  },
  {
    factor: 1 / 60,
    cause: 'seconds read as minutes',
    remedy: 'Check whether the time was in seconds already.',
  },
  {
    factor: 1000,
    cause: 'a unit a thousand times too small (A for mA, g for kg)',
    remedy: 'Check the units of the ammeter and of the balance.',
  },
  {
    factor: 1 / 1000,
    cause: 'a unit a thousand times too large (mA read as A, kg for g)',
    remedy:
      'Check the units of the ammeter and of the balance: a balance that shows kilograms shows 0.079 g as 0.000079.',
  },
  {
    factor: 2,
    cause: 'twice the electrons counted, or a second cell in parallel',
    remedy: 'Check the charge of the ion, and that all of the current went through this cell.',
  },
  {
    factor: 0.5,
    cause: 'half of the electrons counted, or the current shared by a second path',
    remedy: 'Check the charge of the ion, and that no current went past this cell.',
  },
] as const;
const unitSlipWithin = 0.12;
/** A slip by sixty or a thousand shows even where something else is off as well. */
const largeSlipWithin = 0.75;
const isLarge = (factor: number): boolean => factor > 10 || factor < 0.1;
/** Mass of liquid that clings to a rinsed electrode which is not quite dry, g, at most. */
const clingsG = 0.3;

/**
 * Current efficiency of each electrode with its uncertainty (GUM: relative uncertainties of mass, current and time added in
 * squares), what cannot be challenged with ranked causes, and why the electrodes differ.
 *
 * @throws ChemistryError for a charge or a mass that is not above zero.
 */
export function efficiency(request: EfficiencyRequest): Efficiency {
  const { metal, electrons, chargeC, timeS, ammeterShare, clockS, balanceG, energyJ } = request;
  positive('The charge', chargeC, 'C', 'chargeC');
  positive('The time', timeS, 's', 'timeS');
  for (const [side, weighed] of Object.entries({ cathode: request.cathode, anode: request.anode }))
    for (const [name, value] of Object.entries(weighed ?? {}))
      positive('A mass', Number(value), 'g', `${side}.${name}`);
  const molar = molarMassOf(metal);
  const relative = combined(ammeterShare, clockS / timeS);
  const mass = (molar * chargeC) / electrons / faraday;
  const theoryG = { value: mass, uncertainty: mass * relative };
  const changeUncertainty = combined(balanceG, balanceG);
  const one = (
    weighed: WeighedElectrode | undefined,
    sign: 1 | -1,
  ): ElectrodeEfficiency | undefined => {
    if (!weighed) return undefined;
    const change = sign * (weighed.afterG - weighed.beforeG);
    const value = change / mass;
    const uncertainty = combined(changeUncertainty / mass, Math.abs(value) * relative);
    return {
      changeG: { value: change, uncertainty: changeUncertainty },
      efficiency: { value, uncertainty },
      impossible: value - beyond * uncertainty > 1,
    };
  };
  const cathode = one(request.cathode, 1);
  const anode = one(request.anode, -1);
  const mismatch = cathode && anode && mismatchOf(cathode, anode, metal);
  const gained = cathode?.changeG;
  const energy =
    energyJ !== undefined && gained && gained.value > 0
      ? perKilogram(energyJ, gained, relative)
      : undefined;
  return {
    theoryG,
    ...(cathode && { cathode }),
    ...(anode && { anode }),
    causes: causesOf(request, mass, cathode, anode),
    ...(mismatch && { mismatch }),
    ...(energy && { kWhPerKg: energy }),
    working: [
      `m = M·Q ÷ (z·F) = ${withPlaces(molar, 2)} g/mol × ${withFigures(chargeC, 4)} C ÷ (${electrons} × 96 485 C/mol) = ${withFigures(mass, 3)} g`,
      ...(cathode
        ? [
            `at minus: ${withPlaces(cathode.changeG.value, 3)} g ÷ ${withFigures(mass, 3)} g = ${percent(cathode.efficiency.value)}`,
          ]
        : []),
      ...(anode
        ? [
            `at plus: ${withPlaces(anode.changeG.value, 3)} g ÷ ${withFigures(mass, 3)} g = ${percent(anode.efficiency.value)}`,
          ]
        : []),
    ],
  };
}

function perKilogram(energyJ: number, gained: Quantity, relative: number): Quantity {
  const value = energyJ / 3.6e6 / (gained.value / 1000);
  return { value, uncertainty: value * combined(relative, gained.uncertainty / gained.value) };
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

function positive(what: string, value: number, unit: string, field: string): void {
  if (!(value > 0) || !Number.isFinite(value))
    throw ChemistryError.of('outOfRange', what, `${value} ${unit}`, `above 0 ${unit}`).in(field);
}

function causesOf(
  { timeS, metal }: EfficiencyRequest,
  theoryG: number,
  cathode: ElectrodeEfficiency | undefined,
  anode: ElectrodeEfficiency | undefined,
): EfficiencyCause[] {
  const seen = [cathode, anode].flatMap((one) => (one ? [one] : []));
  if (seen.length === 0) return [];
  const wrongWay = seen.some(({ changeG }) => changeG.value < -2 * changeG.uncertainty);
  if (wrongWay) return normalised(swappedLeads);
  const means = seen.map(({ efficiency: { value } }) => value);
  const factor = means.reduce((sum, one) => sum + one, 0) / means.length;
  const slips = unitSlips
    .filter(
      (slip) =>
        Math.abs(Math.log(factor / slip.factor)) <
        Math.log(1 + (isLarge(slip.factor) ? largeSlipWithin : unitSlipWithin)),
    )
    .map(({ factor: times, cause, remedy }) => ({
      cause,
      weight: isLarge(times) ? 50 : 1.5,
      words: `The result is ${factor > 10 ? withPlaces(factor, 0) : withFigures(factor, 2)} times theory, as with ${cause}.`,
      remedy,
    }));
  if (seen.every(({ impossible }) => !impossible) && factor > 0.5) return [];
  if (factor < 0.5 && factor > 0.05) return normalised([...slips, ...lowYield(factor, metal)]);
  return normalised([...slips, ...highYield({ timeS, theoryG, factor, cathode, anode })]);
}

type Weighed = Omit<EfficiencyCause, 'likelihood'> & { readonly weight: number };

const swappedLeads: readonly Weighed[] = [
  {
    cause: 'leads swapped',
    weight: 3,
    words:
      'The electrode at minus lost mass or the one at plus gained: the leads were swapped, or the labels of the electrodes.',
    remedy: 'Mark the leads and the electrodes, and look which way the ammeter goes.',
  },
  {
    cause: 'before and after swapped',
    weight: 2,
    words: 'The two weighings stand in each other’s place.',
    remedy: 'Look at the order of the weighings in the book.',
  },
];

/** Less than half of what the current could do. */
function lowYield(factor: number, metal: string): Weighed[] {
  return [
    {
      cause: 'another process took the current',
      weight: 2,
      words: `Only ${percent(factor)} of the current made or dissolved ${metal}: a gas or another ion took the rest.`,
      remedy: 'Look for bubbles; lower the current density or raise the concentration.',
    },
    {
      cause: 'deposit lost',
      weight: 1.5,
      words: 'Loose deposit fell or was rinsed off.',
      remedy: 'Lower the current, rinse by dipping, do not wipe.',
    },
  ];
}

/** More than the current could do, which cannot be. */
function highYield({
  timeS,
  theoryG,
  factor,
  cathode,
  anode,
}: {
  readonly timeS: number;
  readonly theoryG: number;
  readonly factor: number;
  readonly cathode: ElectrodeEfficiency | undefined;
  readonly anode: ElectrodeEfficiency | undefined;
}): Weighed[] {
  const excess = factor - 1;
  const wetG = theoryG * excess;
  const both = (cathode?.impossible ?? false) && (anode?.impossible ?? false);
  const onlyGain = (cathode?.impossible ?? false) && !(anode?.impossible ?? false);
  return [
    {
      cause: 'ammeter',
      weight: (both ? 3 : 1.5) * Math.exp(-excess / 0.6),
      words: `The ammeter reads low: ${withPlaces(1 + excess, 2)} times as much current flowed as it showed.`,
      remedy: 'Put a second ammeter in series, or a known resistor and a voltmeter.',
    },
    {
      cause: 'setting time',
      weight: (both ? 2.5 : 1.2) * Math.exp(-excess / 0.5),
      words:
        'The current was higher while it was being set, or drifted up afterwards, and only the set value was written down.',
      remedy:
        'Set the current into a dummy first; read it every minute and add the area under the readings.',
    },
    {
      cause: 'clock',
      weight: (both ? 2 : 1) * Math.exp(-excess / 0.4),
      words: `The current ran ${Math.round((timeS * excess) / 60)} min longer than was written.`,
      remedy: 'Start the clock with the switch, and stop both together.',
    },
    {
      cause: 'wet electrode',
      weight: wetG > clingsG ? 0.1 : onlyGain ? 4 : both ? 1 : 0.5,
      words: `Liquid clung to the electrode at minus: ${withPlaces(theoryG * Math.max(0, (cathode?.efficiency.value ?? 1) - 1), 3)} g would do${anode?.impossible ? '; it cannot explain what plus lost, unless that one was weighed wet before' : ''}.`,
      remedy:
        'Rinse, dip in propanone, dry in air, weigh again until it stays the same. Do not wipe.',
    },
    ...(anode?.impossible
      ? [
          {
            cause: 'loose particles',
            weight: cathode && !cathode.impossible ? 3 : both ? 0.8 : 1.5,
            words:
              'Plus lost more than went into solution: impurities and loose particles fell as sludge, or scale was still on it at the first weighing.',
            remedy:
              'Clean with abrasive paper and rinse before the first weighing; look for sludge under plus.',
          },
        ]
      : []),
  ];
}

function normalised(causes: readonly Weighed[]): EfficiencyCause[] {
  const all = causes.reduce((sum, { weight }) => sum + weight, 0);
  return causes
    .map(({ weight, ...cause }) => ({ ...cause, likelihood: weight / all }))
    .filter(({ likelihood }) => likelihood > 0.01)
    .sort((a, b) => b.likelihood - a.likelihood);
}

function mismatchOf(
  cathode: ElectrodeEfficiency,
  anode: ElectrodeEfficiency,
  metal: string,
): string | undefined {
  const [gain, loss] = [cathode.changeG, anode.changeG];
  const differs = loss.value - gain.value;
  const uncertainty = combined(gain.uncertainty, loss.uncertainty);
  if (Math.abs(differs) <= 2 * uncertainty) return undefined;
  const by = `${withPlaces(Math.abs(differs), 3)} g`;
  return differs > 0
    ? `Plus lost ${by} more than minus gained: impurities and loose ${metal} fall from it as sludge, and some of the fresh deposit may have been rinsed or rubbed off. The gain at minus is the better number when the deposit held.`
    : `Minus gained ${by} more than plus lost: minus was not quite dry, or holds salt that was not rinsed off; plus may also have grown a coat. The loss at plus is the better number.`;
}
