import { gasName } from './findGas';
import { reagentText } from './attempt';
import type { Attempt, RouteReagent } from './attempt';
import { gradesOf, healthHazard } from './grades';
import type { Pace } from './pace';
import type { Route, Verdict } from './route';
import { routeNotes } from './routeNotes';
import type { RouteNote } from './routeNotes';
import type { Tried } from './tryRoute';
import { formatSetTemperature } from '../../common/temperature';

/** What is known of a route before it is judged. */
export interface Facts extends Pick<Attempt, 'reagents' | 'heatedToC'>, Tried {
  readonly gas: string;
  readonly pace: Pace;
  readonly paceWords?: string;
  readonly steam: boolean;
  readonly fumes?: string;
  readonly cautions: readonly string[];
  readonly note?: string;
  readonly electrolysis?: true;
  readonly from: Route['from'];
}

/** Most that ordinary glass is heated to, and most that a burner reaches, °C (common practice). */
const glassC = 550;
const burnerC = 1000;
/** Share of other gases from which a gas counts as impure, and from which it is rather the other gas. */
const impureFrom = 0.05;
const otherFrom = 0.6;
/** Share that must leave the liquid for a generator to be worth it. */
const worthLeaving = 0.3;

interface Objection extends Pick<RouteNote, 'why' | 'isMixture'> {
  readonly verdict: Exclude<Verdict, 'valid'>;
}

const gravest: readonly Verdict[] = ['refused', 'notPredicted', 'poor', 'valid'];

/** Judges a route: everything there is against it, and what decides. */
export function judgeRoute(facts: Facts): Route {
  const against = objections(facts);
  const verdict =
    gravest.find((one) => against.some((objection) => objection.verdict === one)) ?? 'valid';
  const otherGases = Object.entries(facts.gases)
    .filter(([formula, share]) => formula !== facts.gas && share > 0.005)
    .sort(([, a], [, b]) => b - a)
    .map(([formula, share]) => ({ formula, share }));
  const { equation, heatedToC, fumes, paceWords, note } = facts;
  const good = [
    ...(note ? [note] : []),
    ...(paceWords && (facts.pace === 'slow' || facts.pace === 'steady') ? [paceWords] : []),
    ...(verdict === 'valid' && !note ? [`gas comes ${paceWord[facts.pace]}`] : []),
  ];
  const sorted = [...against].sort(
    (one, other) => gravest.indexOf(one.verdict) - gravest.indexOf(other.verdict),
  );
  const pace = verdict === 'refused' && facts.stays.length > 0 ? 'stops' : facts.pace;
  return {
    id: routeId(facts),
    gas: facts.gas,
    reagents: facts.reagents,
    ...(heatedToC !== undefined && { heatedToC }),
    ...(facts.electrolysis && { electrolysis: true as const }),
    ...(equation !== undefined && { equation }),
    verdict,
    why: [...sorted.map(({ why }) => why), ...good],
    pace,
    otherGases,
    steam: facts.steam,
    ...(fumes && { fumes }),
    leftBehind: facts.leftBehind,
    leaves: facts.leaves,
    grades: gradesOf({
      ...facts,
      pace,
      otherShare: Math.max(
        against.some(({ isMixture }) => isMixture) ? mixtureShare : 0,
        otherGases.reduce((sum, { share }) => sum + share, 0),
      ),
      fumes: fumes !== undefined,
    }),
    cautions: facts.cautions,
    from: facts.from,
  };
}

/** Other gas in what is known to be a mixture, as a share, where the reaction does not say (common practice). */
const mixtureShare = 0.5;

const paceWord: Readonly<Record<Pace, string>> = {
  violent: 'violently',
  brisk: 'briskly',
  steady: 'steadily',
  slow: 'slowly',
  stops: 'and stops',
};

/** The same reagents at the same heat are the same route. */
export function routeId({ reagents, heatedToC }: Pick<Facts, 'reagents' | 'heatedToC'>): string {
  const texts = reagents.map(reagentText).sort();
  return [
    ...texts,
    ...(heatedToC === undefined ? [] : [`${formatSetTemperature(heatedToC)}`]),
  ].join(' + ');
}

function objections(facts: Facts): Objection[] {
  return [
    ...facts.never.map((why): Objection => ({ verdict: 'refused', why })),
    ...notes(facts),
    ...comesToNothing(facts),
    ...impurity(facts),
    ...rate(facts),
    ...heat(facts),
    ...hazards(facts),
  ];
}

function notes({ gas, reagents, heatedToC }: Facts): Objection[] {
  const names = reagents.map(({ substance }) => substance);
  return routeNotes
    .filter(
      ({ gas: of, reagents: wanted, use }) =>
        (of === undefined || of === gas) &&
        wanted.every((one) => names.includes(one)) &&
        (use === undefined ||
          (use === 'heated' ? heatedToC !== undefined : reagents.some((one) => one.use === use))),
    )
    .map(({ verdict, why, isMixture }) => ({ verdict, why, ...(isMixture && { isMixture }) }));
}

const isCarbonic = (reagents: readonly RouteReagent[]): boolean =>
  reagents.some(({ substance, use }) => substance === 'CO2' && use === 'gas');

function comesToNothing(facts: Facts): Objection[] {
  const { gas, equation, gases, stays, notPredicted, reagents } = facts;
  if (isCarbonic(reagents))
    return [
      {
        verdict: 'refused',
        why: 'carbonic acid is itself the acid of carbonates: it sets no carbon dioxide free',
      },
    ];
  const sealed = stays.find((one) => one.includes('seal'));
  if (sealed) return [{ verdict: 'refused', why: sealed }];
  const came = gases[gas] ?? 0;
  const others = Object.keys(gases).filter((formula) => formula !== gas);
  if (came === 0 && notPredicted.length > 0)
    return notPredicted.map((why) => ({ verdict: 'notPredicted', why }));
  if (came === 0 && others.length > 0)
    return [
      {
        verdict: 'refused',
        why: `gives ${others.map(gasName).join(' and ')}, not ${gasName(gas)}${oxidises(reagents)}`,
      },
    ];
  if (equation === undefined)
    return [
      {
        verdict: 'refused',
        why: stays.length > 0 ? stays.join(' ') : `no ${gasName(gas)} comes of it`,
      },
    ];
  if (facts.leaves < worthLeaving)
    return [
      {
        verdict: 'poor',
        why: `nearly all of the ${gasName(gas)} stays in the liquid; more concentrated, or warm, it leaves`,
      },
    ];
  return notPredicted.map((why) => ({ verdict: 'poor', why }));
}

/** Why an acid gives its own gas and no hydrogen. */
function oxidises(reagents: readonly RouteReagent[]): string {
  if (reagents.some(({ substance }) => substance === 'HNO3'))
    return ': nitric acid oxidises, and its nitrate is reduced instead of its hydrogen ions';
  if (reagents.some(({ substance, use }) => substance === 'H2SO4' && use === 'concentrated'))
    return ': concentrated sulfuric acid oxidises; dilute it';
  return '';
}

function impurity({ gas, gases }: Facts): Objection[] {
  const others = Object.entries(gases).filter(([formula]) => formula !== gas);
  const share = others.reduce((sum, [, part]) => sum + part, 0);
  const names = others
    .sort(([, a], [, b]) => b - a)
    .map(([formula, part]) => `${Math.round(100 * part)} % ${gasName(formula)}`)
    .join(' and ');
  if ((gases[gas] ?? 0) === 0) return [];
  if (share > otherFrom) return [{ verdict: 'refused', why: `mostly another gas comes: ${names}` }];
  if (share > impureFrom) return [{ verdict: 'poor', why: `impure: ${names} comes with it` }];
  return [];
}

function rate({ pace }: Facts): Objection[] {
  if (pace === 'violent') return [{ verdict: 'refused', why: 'far too violent to collect' }];
  if (pace === 'slow') return [{ verdict: 'poor', why: 'slow' }];
  return [];
}

function heat({ heatedToC = 0 }: Facts): Objection[] {
  if (heatedToC > burnerC)
    return [
      {
        verdict: 'refused',
        why: `needs about ${formatSetTemperature(heatedToC)}, more than a burner gives`,
      },
    ];
  if (heatedToC > glassC)
    return [
      {
        verdict: 'poor',
        why: `needs about ${formatSetTemperature(heatedToC)}, where ordinary glass softens: a crucible, and nothing to collect from`,
      },
    ];
  return [];
}

function hazards({ reagents }: Facts): Objection[] {
  const worst = reagents.filter(
    ({ substance }) => substance !== 'H2O' && healthHazard(substance) === 3,
  );
  return worst.map(({ substance }) => ({
    verdict: 'poor',
    why: `${substance} is toxic or may cause cancer: take a route without it`,
  }));
}
