import { handbook } from '../matter/substances/source';
import { formatNumber } from '../common/formatNumber';
import { classification } from './data/classification';
import {
  assumedM,
  extremePH,
  mFactors,
  specificLimits,
  toxicityEstimates,
  volatile,
  withAcids,
} from './data/limits';
import type { Route } from './data/limits';
import { inOrder } from './statements';
import type { HazardCode } from './statements';

/** One substance of a mixture and its share of the mass. */
export interface Ingredient {
  /** Formula without crystal water. */
  readonly formula: string;
  readonly percentWW: number;
}

/** What a mixture is classed as, and why. */
export interface MixtureClass {
  /** Statements, the worst first. */
  readonly codes: readonly HazardCode[];
  /** A line for each rule that applied, and for each thing that is not known. */
  readonly basis: readonly string[];
}

export const mixtureRulesSource = handbook(
  'EU CLP Regulation 1272/2008, Annex I (after UN GHS, Revision 9)',
  'classification of mixtures: concentration limits, additivity, acute toxicity estimates and M-factors',
);

/**
 * Classes a mixture in water by the share of each ingredient, after the rules of the CLP Regulation, Annex I: generic and
 * specific concentration limits, shares added up for what corrodes or irritates, acute toxicity estimates, M-factors for waters.
 * Of physical dangers only those are carried over that the tables give a limit for: they are found by tests of the mixture.
 *
 * @param ingredients shares in per cent by mass, 0 to 100; the rest is water.
 */
export function classifyMixture(ingredients: readonly Ingredient[]): MixtureClass {
  const rules = [corrosive, toxic, healthLimits, harmsWaters, physical, setFreeByAcids];
  const found = rules.flatMap((rule) => rule(ingredients));
  const codes = inOrder(found.flatMap(({ code }) => (code ? [code] : [])));
  const kept = found.filter(({ code }) => code === undefined || codes.includes(code));
  return { codes, basis: [...new Set(kept.map(({ basis }) => basis))] };
}

/** A statement that a rule gives, with its ground; or a ground alone, for what a reader should know. */
interface Ruling {
  readonly code?: HazardCode;
  readonly basis: string;
}

type Rule = (ingredients: readonly Ingredient[]) => Ruling[];

const codesOf = ({ formula }: Ingredient): readonly HazardCode[] => classification[formula] ?? [];
const has = (one: Ingredient, ...codes: readonly HazardCode[]): boolean =>
  codes.some((code) => codesOf(one).includes(code));

/** The specific limit of a substance for a statement, per cent. */
function ownLimit({ formula }: Ingredient, code: HazardCode): number | undefined {
  return specificLimits[formula]?.map(({ from }) => from[code]).find((one) => one !== undefined);
}

const percent = (value: number): string => `${formatNumber(Number(value.toPrecision(3)))} %`;
const shares = (all: readonly Ingredient[]): string =>
  all.map(({ formula, percentWW }) => `${percent(percentWW)} ${formula}`).join(' and ');

/** Shares over their limits, added up: 1 and more carries the statement (CLP Annex I, 1.6.3.4, and Guidance). */
function sumOver(
  ingredients: readonly Ingredient[],
  limitOf: (one: Ingredient) => number | undefined,
): { readonly ratio: number; readonly of: readonly Ingredient[]; readonly limits: string } {
  const counted = ingredients.flatMap((one) => {
    const limit = limitOf(one);
    return limit === undefined ? [] : [{ one, limit }];
  });
  return {
    ratio: counted.reduce((sum, { one, limit }) => sum + one.percentWW / limit, 0),
    of: counted.map(({ one }) => one),
    limits: [...new Set(counted.map(({ limit }) => percent(limit)))].join(', '),
  };
}

/** General limits for what corrodes or irritates, per cent (CLP Annex I, Tables 3.2.3, 3.2.4, 3.3.3 and 3.3.4). */
const general = {
  corrosive: 5,
  irritantOfCorrosive: 1,
  irritant: 10,
  eyeDamage: 3,
  eyeIrritantOfDamage: 1,
  extremePH: 1,
} as const;

const corrosive: Rule = (all) => {
  const isExtreme = ({ formula }: Ingredient): boolean => extremePH.has(formula);
  const families: readonly {
    readonly clause: string;
    readonly steps: readonly (readonly [HazardCode, (one: Ingredient) => number | undefined])[];
  }[] = [
    {
      clause: 'CLP Annex I, 3.2.3.3',
      steps: [
        [
          'H314',
          (one) =>
            has(one, 'H314')
              ? (ownLimit(one, 'H314') ?? (isExtreme(one) ? general.extremePH : general.corrosive))
              : undefined,
        ],
        [
          'H315',
          (one) =>
            ownLimit(one, 'H315') ??
            (has(one, 'H314')
              ? general.irritantOfCorrosive
              : has(one, 'H315')
                ? general.irritant
                : undefined),
        ],
      ],
    },
    {
      clause: 'CLP Annex I, 3.3.3.3',
      steps: [
        ['H318', eyeDamageFrom],
        [
          'H319',
          (one) =>
            ownLimit(one, 'H319') ??
            (has(one, 'H314', 'H318')
              ? general.eyeIrritantOfDamage
              : has(one, 'H319')
                ? general.irritant
                : undefined),
        ],
      ],
    },
  ];
  return families.flatMap(({ clause, steps }) => {
    for (const [code, limitOf] of steps) {
      const { ratio, of, limits } = sumOver(all, limitOf);
      if (ratio >= 1)
        return [{ code, basis: `${code}: ${shares(of)}, limit ${limits} (${clause})` }];
    }
    return [];
  });

  function eyeDamageFrom(one: Ingredient): number | undefined {
    if (!has(one, 'H314', 'H318')) return undefined;
    const own = ownLimit(one, 'H318');
    if (own !== undefined) return own;
    // Where the table says from how much on a substance irritates the eyes, it damages them from where it burns.
    if (ownLimit(one, 'H319') !== undefined) return ownLimit(one, 'H314');
    return isExtreme(one) ? general.extremePH : general.eyeDamage;
  }
};

/** Statements of acute toxicity by route: up to which estimate each holds, and what each counts for (CLP Annex I, Tables 3.1.1 and 3.1.2). */
const acute: Readonly<
  Record<
    Route,
    readonly {
      readonly code: HazardCode;
      readonly upTo: number;
      readonly estimate: number;
    }[]
  >
> = {
  oral: [
    { code: 'H300', upTo: 50, estimate: 5 },
    { code: 'H301', upTo: 300, estimate: 100 },
    { code: 'H302', upTo: 2000, estimate: 500 },
  ],
  dermal: [
    { code: 'H310', upTo: 200, estimate: 5 },
    { code: 'H311', upTo: 1000, estimate: 300 },
    { code: 'H312', upTo: 2000, estimate: 1100 },
  ],
  vapour: [
    { code: 'H330', upTo: 2, estimate: 0.05 },
    { code: 'H331', upTo: 10, estimate: 3 },
    { code: 'H332', upTo: 20, estimate: 11 },
  ],
  mist: [
    { code: 'H330', upTo: 0.5, estimate: 0.005 },
    { code: 'H331', upTo: 1, estimate: 0.5 },
    { code: 'H332', upTo: 5, estimate: 1.5 },
  ],
};

/** Less than this of an ingredient is not counted, per cent (CLP Annex I, Table 1.1). */
const countsFrom = (code: HazardCode): number => (/^H3[013]2$/.test(code) ? 1 : 0.1);

const toxic: Rule = (all) =>
  (Object.keys(acute) as Route[]).flatMap((route): Ruling[] => {
    const rows = acute[route];
    let sum = 0;
    const counted: Ingredient[] = [];
    for (const one of all) {
      if (
        (route === 'vapour') !== volatile.has(one.formula) &&
        (route === 'vapour' || route === 'mist')
      )
        continue;
      const row = rows.find(({ code }) => has(one, code));
      if (!row || one.percentWW < countsFrom(row.code)) continue;
      sum += one.percentWW / (toxicityEstimates[one.formula]?.[route] ?? row.estimate);
      counted.push(one);
    }
    if (sum === 0) return [];
    const estimate = 100 / sum;
    const row = rows.find(({ upTo }) => estimate <= upTo);
    const unit = route === 'oral' || route === 'dermal' ? 'mg/kg' : 'mg/L';
    return row
      ? [
          {
            code: row.code,
            basis: `${row.code}: estimate of ${formatNumber(Number(estimate.toPrecision(2)))} ${unit} for ${shares(counted)}, limit ${formatNumber(row.upTo)} (CLP Annex I, 3.1.3.6)`,
          },
        ]
      : [];
  });

/** What a statement of a substance becomes in a mixture, and from how many per cent (CLP Annex I, Tables 3.4.5 to 3.9.4). */
const healthTable: readonly {
  readonly pattern: RegExp;
  readonly from: number;
  readonly weaker?: { readonly code: HazardCode; readonly from: number };
  readonly clause: string;
}[] = [
  { pattern: /^H317$/, from: 1, clause: 'Table 3.4.5' },
  { pattern: /^H334$/, from: 1, clause: 'Table 3.4.5' },
  { pattern: /^H340$/, from: 0.1, clause: 'Table 3.5.2' },
  { pattern: /^H341$/, from: 1, clause: 'Table 3.5.2' },
  { pattern: /^H350i?$/, from: 0.1, clause: 'Table 3.6.2' },
  { pattern: /^H351$/, from: 1, clause: 'Table 3.6.2' },
  { pattern: /^H360/, from: 0.3, clause: 'Table 3.7.2' },
  { pattern: /^H361/, from: 3, clause: 'Table 3.7.2' },
  { pattern: /^H362$/, from: 0.3, clause: 'Table 3.7.2' },
  { pattern: /^H370$/, from: 10, weaker: { code: 'H371', from: 1 }, clause: 'Table 3.8.3' },
  { pattern: /^H371$/, from: 10, clause: 'Table 3.8.3' },
  { pattern: /^H33[56]$/, from: 20, clause: '3.8.3.4.5' },
  { pattern: /^H372$/, from: 10, weaker: { code: 'H373', from: 1 }, clause: 'Table 3.9.4' },
  { pattern: /^H373$/, from: 10, clause: 'Table 3.9.4' },
  { pattern: /^H304$/, from: 10, clause: 'Table 3.10.2' },
];

const healthLimits: Rule = (all) =>
  all.flatMap((one) =>
    codesOf(one).flatMap((code): Ruling[] => {
      const row = healthTable.find(({ pattern }) => pattern.test(code));
      if (!row) return [];
      const ruling = (given: HazardCode, limit: number, isOwn: boolean): Ruling => ({
        code: given,
        basis: `${given}: ${shares([one])}, ${isOwn ? 'specific ' : ''}limit ${percent(limit)} (CLP Annex ${isOwn ? 'VI' : `I, ${row.clause}`})`,
      });
      const own = ownLimit(one, code);
      const from = own ?? row.from;
      if (one.percentWW >= from) return [ruling(fertilityToo(one, code), from, own !== undefined)];
      if (!row.weaker) return [];
      const ownWeaker = ownLimit(one, row.weaker.code);
      const weakerFrom = ownWeaker ?? row.weaker.from;
      return one.percentWW >= weakerFrom
        ? [ruling(row.weaker.code, weakerFrom, ownWeaker !== undefined)]
        : [];
    }),
  );

/** Lead harms the unborn from less than it is suspected of harming fertility. */
function fertilityToo(one: Ingredient, code: HazardCode): HazardCode {
  const from = code === 'H360Df' ? ownLimit(one, 'H361f') : undefined;
  return from !== undefined && one.percentWW < from ? 'H360D' : code;
}

/** From this weighted share on a mixture harms waters, per cent (CLP Annex I, Tables 4.1.1 and 4.1.2). */
const aquaticFrom = 25;
/** How many times its share a substance of a graver chronic category counts in a lesser one. */
const chronicSteps = ['H410', 'H411', 'H412'] as const;

const harmsWaters: Rule = (all) => {
  const mOf = ({ formula }: Ingredient) =>
    mFactors[formula] ?? { acute: assumedM, chronic: assumedM };
  const rulings: Ruling[] = [];
  const acuteOnes = all.filter((one) => has(one, 'H400', 'H410'));
  const acuteSum = acuteOnes.reduce((sum, one) => sum + one.percentWW * mOf(one).acute, 0);
  const because = (code: HazardCode, of: readonly Ingredient[], sum: number): Ruling => ({
    code,
    basis: `${code}: ${shares(of)}, weighted ${percent(sum)}, limit ${percent(aquaticFrom)} (CLP Annex I, 4.1.3.5.5)`,
  });
  if (acuteSum >= aquaticFrom) rulings.push(because('H400', acuteOnes, acuteSum));
  for (const [at, code] of chronicSteps.entries()) {
    const counted = all.filter((one) => has(one, ...chronicSteps.slice(0, at + 1)));
    const sum = counted.reduce((total, one) => {
      const own = chronicSteps.findIndex((step) => has(one, step));
      return total + one.percentWW * 10 ** (at - own) * (own === 0 ? mOf(one).chronic : 1);
    }, 0);
    if (sum >= aquaticFrom) {
      rulings.push(because(code, counted, sum));
      break;
    }
  }
  const assumed = acuteOnes.filter(({ formula }) => mFactors[formula] === undefined);
  if (assumed.length > 0)
    rulings.push({
      basis: `M-factor of ${assumed.map(({ formula }) => formula).join(', ')} not known: taken as ${assumedM}, on the safe side`,
    });
  return rulings;
};

/** From how many per cent a liquid that corrodes skin is taken to corrode metals as its undiluted reagent does. */
const metalsToo: HazardCode = 'H290';
const physicalCodes = /^H2[0-9]{2}$/;

const physical: Rule = (all) =>
  all.flatMap((one) => {
    const limits = specificLimits[one.formula] ?? [];
    const own = limits
      .flatMap(({ from }) => Object.entries(from) as [HazardCode, number][])
      .filter(([code, from]) => physicalCodes.test(code) && one.percentWW >= from)
      .sort(([, a], [, b]) => b - a)[0];
    const isCorrosive = corrosive([one]).some(({ code }) => code === 'H314');
    return [
      ...(own
        ? [
            {
              code: own[0],
              basis: `${own[0]}: ${shares([one])}, limit ${percent(own[1])} (tests of the solution)`,
            },
          ]
        : []),
      ...(has(one, metalsToo)
        ? [
            isCorrosive
              ? {
                  code: metalsToo,
                  basis: `${metalsToo}: as the undiluted reagent while it burns skin; a test on steel and aluminium decides (CLP Annex I, 2.16)`,
                }
              : {
                  basis: `Whether it still corrodes metals (${metalsToo}) only a test says (CLP Annex I, 2.16)`,
                },
          ]
        : []),
    ];
  });

/** Less of it sets nothing free that would matter, per cent; the general cut-off for what is not very toxic. */
const setFreeFrom = 1;

const setFreeByAcids: Rule = (all) =>
  all.flatMap((one): Ruling[] => {
    const code = withAcids[one.formula];
    const from = code && (ownLimit(one, code) ?? setFreeFrom);
    return code && from !== undefined && one.percentWW >= from
      ? [{ code, basis: `${code}: ${shares([one])}, limit ${percent(from)} (CLP Annex II, 1.2)` }]
      : [];
  });
