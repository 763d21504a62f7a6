import { parseFormula } from '../../src/matter/formula/parseFormula';
import type { Source } from '../../src/matter/substances/source';
import { sourceText } from '../../src/matter/substances/source';
import { acidBaseSteps, waterIonisation } from '../../src/matter/substances/data/acidBaseSteps';
import { complexes } from '../../src/matter/substances/data/complexes';
import { dissolvedGases } from '../../src/matter/substances/data/dissolvedGases';
import { volatileAcids } from '../../src/matter/substances/data/volatileAcids';
import { formationEnthalpies } from '../../src/matter/substances/data/formationEnthalpies';
import { redoxCouples } from '../../src/matter/substances/data/redoxCouples';
import { sparinglySoluble } from '../../src/matter/substances/data/sparinglySoluble';
import type { FormedSpecies } from '../../src/matter/substances/types';

type State = 'aq' | 's' | 'l' | 'g' | 'e';
interface Term {
  readonly n: number;
  readonly formula: string;
  readonly state: State;
  readonly atoms: Readonly<Record<string, number>>;
  readonly charge: number;
}
/** A value of a table, as a reaction that any reference can be asked for. */
export interface OurConstant {
  readonly table: string;
  readonly of: string;
  readonly quantity: 'log10 K' | 'E / V' | 'ΔH / kJ/mol';
  readonly ours: number;
  readonly source: string;
  readonly reaction: readonly Term[];
}

function term(n: number, text: string, state: State): Term {
  const { elements, charge } = parseFormula(text);
  return { n, formula: text, state, atoms: elements, charge };
}

/** Terms with water put where it is wanting: the tables leave it out. */
function balanced(terms: readonly Term[]): Term[] {
  const sum = (element: string): number =>
    terms.reduce((total, { n, atoms }) => total + n * (atoms[element] ?? 0), 0);
  const oxygen = sum('O');
  return Math.abs(oxygen) < 1e-9 ? [...terms] : [...terms, term(-oxygen, 'H2O', 'l')];
}

const dissolvedTerms = (from: Readonly<Record<string, number>>, sign: 1 | -1): Term[] =>
  Object.entries(from).map(([formula, n]) => term(sign * n, formula, 'aq'));

type Values = readonly (readonly [OurConstant['quantity'], number | undefined])[];
const rowsOf = (
  table: string,
  of: string,
  reaction: readonly Term[],
  source: Source,
  values: Values,
): OurConstant[] =>
  values.flatMap(([quantity, ours]) =>
    ours === undefined
      ? []
      : [{ table, of, quantity, ours, source: sourceText(source), reaction: balanced(reaction) }],
  );

const formed = (table: string, rows: readonly FormedSpecies[]): OurConstant[] =>
  rows.flatMap(({ formula, from, logBeta, enthalpyKJPerMol, source }) =>
    rowsOf(table, formula, [...dissolvedTerms(from, -1), term(1, formula, 'aq')], source, [
      ['log10 K', logBeta],
      ['ΔH / kJ/mol', enthalpyKJPerMol],
    ]),
  );

const solids = sparinglySoluble.flatMap(({ formula, ions, pKsp, dissolutionKJPerMol, source }) =>
  rowsOf(
    'sparinglySoluble',
    formula,
    [term(-1, formula, 's'), ...dissolvedTerms(ions, 1)],
    source,
    [
      ['log10 K', -pKsp],
      ['ΔH / kJ/mol', dissolutionKJPerMol],
    ],
  ),
);

const gases = dissolvedGases.flatMap(({ formula, henryMPerAtm, enthalpyKJPerMol, source }) =>
  rowsOf('dissolvedGases', formula, [term(-1, formula, 'g'), term(1, formula, 'aq')], source, [
    ['log10 K', Math.log10(henryMPerAtm)],
    ['ΔH / kJ/mol', enthalpyKJPerMol],
  ]),
);

const acidVapours = volatileAcids.flatMap(({ formula, anion, logK, enthalpyKJPerMol, source }) =>
  rowsOf(
    'volatileAcids',
    formula,
    [term(-1, formula, 'g'), term(1, 'H^+', 'aq'), term(1, anion, 'aq')],
    source,
    [
      ['log10 K', logK],
      ['ΔH / kJ/mol', enthalpyKJPerMol],
    ],
  ),
);

const couples = redoxCouples.flatMap(({ half, standardPotentialV, source }) => {
  const side = (text: string, sign: 1 | -1): Term[] =>
    text.split(' + ').map((piece) => {
      const [, count, formula = '', state] =
        /^(\d+)?\s*(.+?)(?:\((aq|s|l|g)\))?$/.exec(piece.trim()) ?? [];
      const n = sign * Number(count ?? 1);
      return /^e\^?-$/.test(formula)
        ? { n, formula: 'e-', state: 'e', atoms: {}, charge: -1 }
        : term(n, formula, (state as State | undefined) ?? 'aq');
    });
  const [left = '', right = ''] = half.split(' → ');
  return [
    {
      table: 'redoxCouples',
      of: half,
      quantity: 'E / V' as const,
      ours: standardPotentialV,
      source: sourceText(source),
      reaction: [...side(left, -1), ...side(right, 1)],
    },
  ];
});

const enthalpies = formationEnthalpies.map(({ formula, state, kJPerMol, source }): OurConstant => ({
  table: 'formationEnthalpies',
  of: `${formula}(${state})`,
  quantity: 'ΔH / kJ/mol',
  ours: kJPerMol,
  source: sourceText(source),
  reaction: [term(1, formula, state)],
}));

/** The thermodynamic tables of the engine, value by value. */
export const ourConstants: readonly OurConstant[] = [
  ...rowsOf(
    'water',
    'H2O',
    [term(-1, 'H2O', 'l'), term(1, 'H^+', 'aq'), term(1, 'OH^-', 'aq')],
    waterIonisation.source,
    [
      ['log10 K', -waterIonisation.pKw],
      ['ΔH / kJ/mol', waterIonisation.enthalpyKJPerMol],
    ],
  ),
  ...formed('acidBaseSteps', acidBaseSteps),
  ...formed('complexes', complexes),
  ...solids,
  ...gases,
  ...acidVapours,
  ...couples,
  ...enthalpies,
];
