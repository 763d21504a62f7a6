import { withPlaces, withFigures } from '../../common/formatNumber';
import * as z from 'zod';
import { ChemistryError, inField } from '../../common/errors';
import { faraday } from '../../solution/equilibrium/temperature';
import { molarMassOf } from '../../matter/formula/molarMass';
import { findElectrode } from '../../vessel/electrolysis/findElectrode';
import { cellSchema, currentSchema, schoolSchema } from './cellRequest';
import { roomConditions, molarVolumeMl } from './gasVolume';
import { predictMelt } from './melt';
import type { MeltElectrode } from './melt';
import { predictCell } from './predictCell';
import type { CellElectrode } from './predictCell';
import { chargeOfLog, currentLogSchema } from './runLog';

/** What the verb `electrolyse` takes. */
export const electrolyseSchema = cellSchema.extend({
  currentA: currentSchema.optional(),
  timeS: z.number().positive('A time is longer than 0 s').max(1e8).optional(),
  currentLog: currentLogSchema.optional(),
  pressureKPa: z.number().min(20).max(200, 'A pressure in kPa; the air has about 101').optional(),
  overWater: z.boolean().optional(),
  school: schoolSchema.optional(),
});
export type ElectrolyseRequest = z.infer<typeof electrolyseSchema>;

/** One electrode as the verb tells it. */
export interface TellElectrode {
  readonly products: readonly {
    readonly formula: string;
    readonly share?: number;
    readonly massG?: number;
    readonly volumeMl?: number;
  }[];
  readonly halfEquation: string;
  readonly seen: string;
  readonly test?: string;
  readonly nearPH?: number;
  readonly notPredicted?: readonly string[];
}

/** What the verb `electrolyse` answers. */
export interface ElectrolyseAnswer {
  readonly cathode: TellElectrode;
  readonly anode: TellElectrode;
  readonly overall: string;
  readonly remaining: readonly string[];
  readonly chargeC?: number;
  readonly why: readonly string[];
}

/**
 * What a current does to a solution or a melt: products at both electrodes with amounts, what stays behind, and why.
 *
 * @throws ChemistryError for an unknown substance or electrode, a liquid that does not conduct, a log whose times fall.
 * @example predictElectrolysis({ electrolyte: [{ substance: 'CuSO4', concentrationM: 1 }], cathode: 'graphite', anode: 'graphite',
 *   currentA: 1, timeS: 965 }).cathode.products[0] // Cu, 0.318 g
 */
export function predictElectrolysis(request: ElectrolyseRequest): ElectrolyseAnswer {
  const { currentLog, school = 'potentials' } = request;
  if (currentLog && (request.currentA !== undefined || request.timeS !== undefined))
    throw ChemistryError.of('invalidInput', 'Both a log and a current or a time are given.').in(
      'currentLog',
    );
  const logged = currentLog && chargeOfLog(currentLog);
  const span = currentLog && (currentLog.at(-1)?.timeS ?? 0) - (currentLog[0]?.timeS ?? 0);
  const chargeC =
    logged ??
    (request.currentA !== undefined && request.timeS !== undefined
      ? request.currentA * request.timeS
      : undefined);
  const conditions = {
    temperatureC: request.temperatureC ?? roomConditions.temperatureC,
    pressureKPa: request.pressureKPa ?? roomConditions.pressureKPa,
    overWater: request.overWater ?? false,
  };
  if ('molten' in request.electrolyte)
    return tellMelt(request.electrolyte.molten, request, chargeC, conditions);
  const currentA = logged !== undefined && span ? logged / span : request.currentA;
  const cell = predictCell(request, {
    ...(currentA !== undefined && { currentA }),
    ...((span ?? request.timeS) !== undefined && { timeS: span ?? request.timeS }),
    ...(chargeC !== undefined && { chargeC }),
    school,
    conditions,
  });
  return {
    cathode: tellElectrode(cell.cathode),
    anode: tellElectrode(cell.anode),
    overall: cell.overall ?? '',
    remaining: cell.remaining.formulae,
    ...(chargeC !== undefined && { chargeC }),
    why: [
      ...whyOf(cell.cathode, 'minus'),
      ...whyOf(cell.anode, 'plus'),
      cell.remaining.words,
      ...cell.notes,
    ],
  };
}

function tellElectrode({
  products,
  nearPH,
  notPredicted,
  at,
  electrode,
}: CellElectrode): TellElectrode {
  const [main] = products;
  const cover = electrode.material === 'stainless steel' ? undefined : at.passive?.cover;
  return {
    products: products.map(({ formula, share, massG, volumeMl }) => ({
      formula,
      share,
      ...(massG !== undefined && { massG }),
      ...(volumeMl !== undefined && { volumeMl }),
    })),
    halfEquation: main?.halfEquation ?? '',
    seen: [...products.map(({ seen }) => seen), ...(cover ? [`it is covered by ${cover}`] : [])]
      .filter((one, at, all) => all.indexOf(one) === at)
      .join('; '),
    ...(main?.test && { test: main.test }),
    nearPH,
    ...(notPredicted.length > 0 && { notPredicted }),
  };
}

const minusSign = (volts: number): string => withPlaces(volts, 2);

/** The candidates of one electrode with their potentials, and whatever else decided. */
export function whyOf(
  { at, rule, schoolsDiffer, notPredicted }: CellElectrode,
  sign: string,
): string[] {
  return [
    ...at.considered
      .filter(({ share, wholeCurrentV }) => share > 0 || wholeCurrentV !== undefined)
      .map(({ half, equilibriumV, wholeCurrentV, limitAPerCm2, share }) => {
        const needs =
          wholeCurrentV === undefined
            ? `diffusion brings only ${withFigures((limitAPerCm2 ?? 0) * 1000, 2)} mA/cm² of it`
            : `needs ${minusSign(wholeCurrentV)} V for the whole current`;
        return `At ${sign}: ${half.couple.half}, ${minusSign(equilibriumV)} V in this solution, ${needs}; ${Math.round(100 * share)} % of the current.`;
      }),
    `Rule of thumb at ${sign}: ${rule.product}, because ${rule.because}.`,
    ...(schoolsDiffer ? [schoolsDiffer] : []),
    ...at.leftAlone.map((reason) => `At ${sign}: ${reason}.`),
    ...notPredicted.map((reason) => `Not predicted at ${sign}: ${reason}.`),
  ];
}

function tellMelt(
  molten: string,
  request: ElectrolyseRequest,
  chargeC: number | undefined,
  conditions: Parameters<typeof molarVolumeMl>[0],
): ElectrolyseAnswer {
  inField('cathode', () => findElectrode(request.cathode));
  const anode = inField('anode', () => findElectrode(request.anode));
  const melt = inField('electrolyte.molten', () => predictMelt(molten, anode));
  const tell = ({
    product,
    state,
    perElectron,
    halfEquation,
    seen,
    test,
  }: MeltElectrode): TellElectrode => {
    const amountMmol =
      chargeC === undefined ? undefined : ((perElectron * chargeC) / faraday) * 1000;
    return {
      products: [
        {
          formula: product,
          share: 1,
          ...(amountMmol !== undefined && {
            massG: (amountMmol * molarMassOf(product)) / 1000,
            ...(state === 'g' && { volumeMl: amountMmol * molarVolumeMl(conditions) }),
          }),
        },
      ],
      halfEquation,
      seen: seen ?? '',
      ...(test && { test }),
    };
  };
  return {
    cathode: tell(melt.cathode),
    anode: tell(melt.anode),
    overall: melt.overall,
    remaining: [],
    ...(chargeC !== undefined && { chargeC }),
    why: [
      ...melt.why,
      ...(anode.inert
        ? []
        : [
            `${anode.material} at plus may itself be attacked by ${melt.anode.product}; graphite is used.`,
          ]),
    ],
  };
}
