import Papa from 'papaparse';
import { ChemistryError } from '../../common/errors';
import { findSubstance } from '../../matter/substances/findSubstance';
import { isWater } from '../../matter/substances/isWater';
import { stockUnits } from './shelfItem';
import type { ShelfItem } from './shelfItem';

/** A row of a shelf file as it is read; ids are given when it is taken over. */
export type ShelfRow = Omit<ShelfItem, 'id'>;

/** Something wrong with a shelf file: which row and column, what stands there, and what to do. */
export interface ShelfFileProblem {
  /** Line of the file, counting the heading as 1; absent for the file as a whole. */
  readonly line?: number;
  readonly column?: string;
  readonly value?: string;
  readonly message: string;
  readonly remedy: string;
}

/** A shelf file, read: all of it, or what is wrong with it. */
export type ShelfFile =
  | { readonly rows: readonly ShelfRow[]; readonly problems?: undefined }
  | { readonly problems: readonly ShelfFileProblem[]; readonly rows?: undefined };

/** Columns of a shelf file, in the order they are written. */
export const shelfColumns = [
  'substance',
  'form',
  'purity %',
  'amount',
  'unit',
  'least',
  'place',
  'expires',
] as const;
type Column = (typeof shelfColumns)[number];
const required: readonly Column[] = ['substance', 'amount', 'unit'];

/** A shelf holds no more jars than this; a longer file is something else. */
export const mostShelfRows = 2000;
/** Problems listed at once; the rest is counted. */
const mostProblems = 100;

/**
 * Reads a shelf file (CSV, RFC 4180, comma or semicolon, heading in the first line).
 *
 * @returns every row, or every problem by line and column; never a part.
 */
export function readShelfFile(text: string): ShelfFile {
  const whole = wholeFileProblem(text);
  if (whole) return { problems: [whole] };
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
  });
  const [heading = [], ...lines] = data;
  const broken = errors.find(({ type }) => type === 'Quotes');
  if (broken)
    return {
      problems: [
        {
          line: (broken.row ?? 0) + 1,
          message: 'A quotation mark is opened and not closed.',
          remedy: 'Close it, or write "" for one inside a cell.',
        },
      ],
    };
  const at = columnsOf(heading);
  if ('problem' in at) return { problems: [at.problem] };
  if (lines.length === 0)
    return {
      problems: [
        {
          message: 'There is a heading and nothing under it.',
          remedy: 'Add one line for each jar.',
        },
      ],
    };
  if (lines.length > mostShelfRows)
    return {
      problems: [
        {
          message: `The file has ${lines.length} rows; a shelf file has at most ${mostShelfRows}.`,
          remedy: 'Check that it is the shelf and not a catalogue; otherwise send it in parts.',
        },
      ],
    };
  const read = lines.map((cells, index) => readRow(cells, at, index + 2));
  const problems = [
    ...read.flatMap((row) => row.problems),
    ...duplicates(read.map(({ row }) => row)),
  ];
  if (problems.length === 0) return { rows: read.flatMap(({ row }) => (row ? [row] : [])) };
  const more = problems.length - mostProblems;
  return {
    problems:
      more > 0
        ? [
            ...problems.slice(0, mostProblems),
            { message: `And ${more} more.`, remedy: 'Correct these first and try again.' },
          ]
        : problems,
  };
}

function wholeFileProblem(text: string): ShelfFileProblem | undefined {
  if (text.includes('\uFFFD') || text.includes('\0'))
    return {
      message: 'The file is not in UTF-8: some letters cannot be read.',
      remedy: 'Save it again as “CSV UTF-8”.',
    };
  if (text.trim() === '')
    return {
      message: 'The file is empty.',
      remedy: 'Export the shelf to see what it should look like.',
    };
  return undefined;
}

function columnsOf(
  heading: readonly string[],
): Readonly<Partial<Record<Column, number>>> | { readonly problem: ShelfFileProblem } {
  const names = heading.map((name) => name.trim().toLowerCase());
  const missing = required.filter((column) => !names.includes(column));
  if (missing.length > 0)
    return {
      problem: {
        line: 1,
        message: `The column ${missing.map((name) => `“${name}”`).join(' and ')} is missing.`,
        remedy: `The heading is: ${shelfColumns.join(', ')}. Only substance, amount and unit must be there.`,
      },
    };
  const twice = names.find((name, index) => name !== '' && names.indexOf(name) !== index);
  if (twice)
    return {
      problem: {
        line: 1,
        message: `The column “${twice}” is there twice.`,
        remedy: 'Take one of them out.',
      },
    };
  return Object.fromEntries(
    shelfColumns.flatMap((column) =>
      names.includes(column) ? [[column, names.indexOf(column)]] : [],
    ),
  );
}

interface ReadRow {
  readonly row: (ShelfRow & { readonly line: number }) | undefined;
  readonly problems: readonly ShelfFileProblem[];
}

function readRow(
  cells: readonly string[],
  at: Readonly<Partial<Record<Column, number>>>,
  line: number,
): ReadRow {
  const problems: ShelfFileProblem[] = [];
  const cell = (column: Column): string => {
    const index = at[column];
    return index === undefined ? '' : (cells[index] ?? '').trim();
  };
  const wrong = (column: Column, message: string, remedy: string): undefined => {
    problems.push({ line, column, value: cell(column), message, remedy });
    return undefined;
  };
  for (const column of shelfColumns)
    if (/^[=+\-@\t]/.test(cell(column)))
      wrong(
        column,
        `“${cell(column)}” is a formula of a spreadsheet, not a value.`,
        'Copy the values only, and export again.',
      );
  if (problems.length > 0) return { row: undefined, problems };
  const number = (column: Column, usual: number, low: number, high: number): number | undefined => {
    const text = cell(column);
    if (text === '' && !required.includes(column)) return usual;
    // A decimal comma is read as one.
    const value = /^\d+([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : NaN;
    return value >= low && value <= high
      ? value
      : wrong(
          column,
          `“${text}” is no number from ${low} to ${high}.`,
          'Write digits only; the unit has its own column.',
        );
  };
  const named = identify(cell('substance'), cell('form'));
  if ('problem' in named) wrong(named.column, named.problem, named.remedy);
  const unit = stockUnits.find((one) => one === cell('unit'));
  if (!unit)
    wrong(
      'unit',
      `“${cell('unit')}” is not a unit of the shelf.`,
      `Write ${stockUnits.join(' or ')}; kilograms as thousands of grams.`,
    );
  const expires = cell('expires');
  const isDate = expires === '' || /^\d{4}-\d{2}-\d{2}$/.test(expires);
  if (!isDate || (expires !== '' && Number.isNaN(Date.parse(expires))))
    wrong(
      'expires',
      `“${expires}” is no date.`,
      'Write it as 2027-03-31, or leave the cell empty.',
    );
  const amount = number('amount', 0, 0, 1_000_000);
  const purityPercent = number('purity %', 100, 1, 100);
  const least = number('least', 0, 0, 1_000_000);
  const place = cell('place');
  if (place.length > 80) wrong('place', 'The place is longer than 80 letters.', 'Shorten it.');
  if (
    problems.length > 0 ||
    'problem' in named ||
    !unit ||
    amount === undefined ||
    purityPercent === undefined ||
    least === undefined
  )
    return { row: undefined, problems };
  return {
    row: {
      ...named,
      purityPercent,
      amount,
      unit,
      least,
      place,
      expires: expires === '' ? null : expires,
      line,
    },
    problems,
  };
}

type Named =
  | { readonly substance: string; readonly form: string }
  | { readonly column: 'substance' | 'form'; readonly problem: string; readonly remedy: string };

function identify(substanceText: string, formText: string): Named {
  if (substanceText === '')
    return {
      column: 'substance',
      problem: 'The substance is missing.',
      remedy: 'Write its formula or a name.',
    };
  if (isWater(substanceText))
    return {
      column: 'substance',
      problem: 'Water is not kept on the shelf.',
      remedy: 'Take the row out.',
    };
  try {
    const { substance, form } = findSubstance(substanceText);
    if (formText === '')
      return { substance: substance.formula, form: form ?? substance.forms[0].formula };
    const given = findSubstance(formText);
    const known = substance.forms.map(({ formula }) => formula);
    const wanted = given.form ?? given.substance.formula;
    return given.substance.formula === substance.formula && known.includes(wanted)
      ? { substance: substance.formula, form: wanted }
      : {
          column: 'form',
          problem: `“${formText}” is no form in which ${substance.formula} is kept.`,
          remedy: `Choose one of: ${known.join(', ')}.`,
        };
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error;
    return { column: 'substance', problem: error.message, remedy: error.remedy };
  }
}

/** Jars that stand in the file twice: same form, same place. */
function duplicates(rows: readonly ReadRow['row'][]): ShelfFileProblem[] {
  const first = new Map<string, number>();
  return rows.flatMap((row): ShelfFileProblem[] => {
    if (!row) return [];
    const key = jarKey(row);
    const before = first.get(key);
    if (before === undefined) {
      first.set(key, row.line);
      return [];
    }
    return [
      {
        line: row.line,
        column: 'substance',
        value: row.form,
        message: `${row.form}${row.place && ` in “${row.place}”`} stands in line ${before} already.`,
        remedy: 'Add the amounts up in one row, or name different places.',
      },
    ];
  });
}

/** What tells two jars apart: the form, its purity and its place. */
export function jarKey({
  form,
  purityPercent,
  place,
}: Pick<ShelfItem, 'form' | 'purityPercent' | 'place'>): string {
  return `${form} ${purityPercent} ${place.trim().toLowerCase()}`;
}

/** The shelf as a file that {@link readShelfFile} reads back unchanged. */
export function writeShelfFile(items: readonly ShelfRow[]): string {
  const rows = items.map(
    ({ substance, form, purityPercent, amount, unit, least, place, expires }) => [
      substance,
      form,
      purityPercent,
      amount,
      unit,
      least,
      place,
      expires ?? '',
    ],
  );
  return `${Papa.unparse([[...shelfColumns], ...rows], { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
