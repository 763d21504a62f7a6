import * as z from 'zod';
import { roomConditions } from '../electrolysis/gasVolume';
import { molarMassOf } from '../../matter/formula/molarMass';
import { amountsFor } from './amounts';
import { reagentText } from './attempt';
import { dryingFor, washingFor } from './clean';
import { collectionOf } from './collection';
import type { CollectionMethod } from './collection';
import { findGas, gasName } from './findGas';
import { gasCautions } from './gasCautions';
import { proofOf } from './proof';
import type { Grades, Route, Verdict } from './route';
import { routesTo } from './routes';

/** What the verb `gas` takes. */
export const gasSchema = z.object({
  gas: z.string().min(1, 'Name the gas').max(100),
  volumeMl: z
    .number()
    .positive('A volume of gas is above 0 mL')
    .max(100_000, 'A bench makes at most 100000 mL (100 L) of a gas')
    .optional(),
  temperatureC: z
    .number()
    .min(0, 'A room is at 0 °C or above')
    .max(60, 'A room is at 60 °C or below')
    .optional(),
  pressureKPa: z.number().min(20).max(200, 'A pressure in kPa; the air has about 101').optional(),
  available: z.array(z.string().min(1).max(100)).max(500).optional(),
});
export type GasRequest = z.infer<typeof gasSchema>;

/** One route as the verb tells it. */
export interface TellRoute {
  /** Formulae; `how` says in what strength. */
  readonly reactants: readonly string[];
  readonly how: readonly string[];
  readonly equation?: string;
  /** Whether it gives the gas in a way one would take. */
  readonly ok: boolean;
  readonly verdict: Verdict;
  readonly why: string;
  readonly heatedToC?: number;
  readonly pace: string;
  readonly byProducts: readonly string[];
  readonly otherGases: readonly string[];
  readonly wash: readonly string[];
  readonly grades: Grades;
  readonly amounts?: readonly {
    readonly substance: string;
    readonly reagent: string;
    readonly limiting: boolean;
    readonly massG?: number;
    readonly volumeMl?: number;
    readonly drops?: number;
  }[];
}

/** What the verb `gas` answers. */
export interface GasAnswer {
  readonly gas: string;
  readonly name: string;
  readonly routes: readonly TellRoute[];
  readonly collection: readonly {
    readonly method: CollectionMethod;
    readonly name: string;
    readonly alsoCalled: string;
    readonly ok: boolean;
    readonly why: string;
  }[];
  readonly test?: { readonly method: string; readonly positive: string; readonly but?: string };
  readonly drying: readonly {
    readonly agent: string;
    readonly ok: boolean;
    readonly why: string;
  }[];
  readonly molarMassGPerMol: number;
  readonly densityGPerL: number;
  readonly cautions: readonly string[];
  /** Why there is no route, where there is none. */
  readonly none?: string;
}

/**
 * Routes to a gas from what there is, with amounts for a wanted volume, how it is collected, dried and proved.
 *
 * @throws ChemistryError for an unknown gas or reagent, an empty list, or a volume, temperature or pressure out of range.
 * @example gasRoutes({ gas: 'CO2', available: ['CaCO3', 'HCl', 'H2SO4'] }).routes[0].ok // true
 */
export function gasRoutes(request: GasRequest): GasAnswer {
  const gas = findGas(request.gas);
  const {
    volumeMl,
    temperatureC = roomConditions.temperatureC,
    pressureKPa = roomConditions.pressureKPa,
  } = request;
  const routes = routesTo(gas, request.available);
  const { methods, densityGPerL } = collectionOf(gas, { temperatureC, pressureKPa });
  const overWater = methods.find(({ ok }) => ok)?.method === 'overWater';
  const conditions = { temperatureC, pressureKPa, overWater };
  const proof = proofOf(gas);
  return {
    gas,
    name: gasName(gas),
    routes: routes.map((route) => tell(route, volumeMl, conditions)),
    collection: methods,
    ...(proof && {
      test: {
        method: proof.method,
        positive: proof.positive,
        ...(proof.but && { but: proof.but }),
      },
    }),
    drying: dryingFor(gas).map(({ name, ok, why }) => ({ agent: name, ok, why })),
    molarMassGPerMol: molarMassOf(gas),
    densityGPerL,
    cautions: gasCautions(gas),
    ...(routes.length === 0 && {
      none: `No route to ${gasName(gas)} is known from ${request.available ? 'what there is' : 'the reagents of the table'}.`,
    }),
  };
}

function tell(
  route: Route,
  volumeMl: number | undefined,
  conditions: Parameters<typeof amountsFor>[0]['conditions'],
): TellRoute {
  const { equation, verdict, heatedToC } = route;
  const ok = verdict === 'valid' || verdict === 'poor';
  return {
    reactants: route.reagents.map(({ substance }) => substance),
    how: route.reagents.map(reagentText),
    ...(equation !== undefined && { equation }),
    ok,
    verdict,
    why: route.why.join('; '),
    ...(heatedToC !== undefined && { heatedToC }),
    pace: route.pace,
    byProducts: route.leftBehind,
    otherGases: route.otherGases.map(({ formula }) => formula),
    wash: washingFor(route).washings.map((one) => `${one.takes}: ${one.with}`),
    grades: route.grades,
    ...(ok &&
      equation !== undefined &&
      volumeMl !== undefined &&
      !route.electrolysis && {
        amounts: amountsFor({ route, volumeMl, conditions }).taken.map(
          ({ reagent, limits, massG, volumeMl: ml, drops }) => ({
            substance: reagent.substance,
            reagent: reagentText(reagent),
            limiting: limits,
            ...(massG !== undefined && { massG }),
            ...(ml !== undefined && { volumeMl: ml }),
            ...(drops !== undefined && { drops }),
          }),
        ),
      }),
  };
}
