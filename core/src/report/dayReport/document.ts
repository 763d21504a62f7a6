import { proseTold } from '../../common/prose';
import { formulaRuns } from '../../matter/formula/formatFormula';
import type { FormulaRun } from '../../matter/formula/formatFormula';
import type { VesselView } from '../../seeing/appearance/vesselView';
import type { ChartData } from '../../labday/judge/foundCharts';
import type { ContainerKind } from '../../vessel/containers';

/** Text that is set as it is to be read: on the line, lowered or raised. */
export type Words = readonly FormulaRun[];

/** What somebody typed, or a sentence without formulae: nothing in it is lowered or raised. */
export const plain = (text: string): Words => (text === '' ? [] : [{ text, set: 'line' }]);

/** A formula, an equation or a sentence with formulae in it. */
export const chemical = (text: string): Words => formulaRuns(text);

/** Words one after another. */
export const joined = (...all: readonly Words[]): Words => all.flat();

/** Words as one line of text without lowered and raised signs. */
export const asText = (words: Words): string => words.map(({ text }) => text).join('');

/** One column of a table. */
export interface Column {
  readonly head: string;
  /** Belongs to the key: it is left out of what the class gets. */
  readonly key?: true;
  /** Share of the width; columns share evenly where it is left out. */
  readonly width?: number;
}

/** A drawn vessel with what is said of it. */
export interface DrawnVessel {
  readonly container: ContainerKind;
  readonly view: VesselView | null;
  readonly label: string;
  /** Belongs to the key: it is left out of what the class gets. */
  readonly key?: true;
}

/** One piece of a document. */
export type Block = { readonly key?: true } & (
  | { readonly kind: 'text'; readonly words: Words; readonly small?: true }
  | {
      readonly kind: 'facts';
      readonly facts: readonly { readonly name: string; readonly words: Words }[];
    }
  | { readonly kind: 'list'; readonly numbered?: true; readonly items: readonly Words[] }
  | {
      readonly kind: 'table';
      readonly columns: readonly Column[];
      readonly rows: readonly (readonly Words[])[];
      /** Rows with room to write in by hand. */
      readonly toFillIn?: true;
    }
  | { readonly kind: 'vessels'; readonly vessels: readonly DrawnVessel[] }
  | { readonly kind: 'chart'; readonly chart: ChartData }
  /** Empty lines to write on. */
  | { readonly kind: 'lines'; readonly count: number }
);

/** Parts of a report that may be left out, by what they are called. */
export const reportParts = {
  purpose: 'Purpose',
  solutions: 'Solutions as made',
  done: 'What was done, with departures',
  seen: 'Observations beside expectations',
  equations: 'Equations',
  verdicts: 'Evidence and verdicts',
  calculations: 'Calculations with their working',
  charts: 'Charts',
  classResults: 'Class results',
  waste: 'Waste record',
  notes: 'Notes and overrides',
  questions: 'Questions',
  sources: 'Sources',
} as const;
export type ReportPart = keyof typeof reportParts;
export const allReportParts = Object.keys(reportParts) as readonly ReportPart[];

/** A heading with what stands under it. */
export interface Section {
  readonly title: Words;
  /** The part of a report it is; left out where it only holds others. */
  readonly part?: ReportPart;
  /** Belongs to the key: it is left out of what the class gets. */
  readonly key?: true;
  readonly blocks: readonly Block[];
  readonly sections: readonly Section[];
}

/** A document that any of the writers can set: on the screen, as Markdown, HTML or PDF. */
export interface ReportDocument {
  readonly title: string;
  /** Above the title: the institution. */
  readonly over: string;
  /** Under the title: date, groups, version. */
  readonly under: readonly string[];
  readonly sections: readonly Section[];
  /** At the end of every copy. */
  readonly closing: string;
}

/** A section with nothing under it is nothing. */
export function section(
  title: Words,
  blocks: readonly Block[],
  more: Partial<Pick<Section, 'part' | 'key' | 'sections'>> = {},
): Section {
  return { title, blocks, sections: [], ...more };
}

/** Who a copy is for: the class gets it without the key. */
export const versions = ['class', 'instructor'] as const;
export type Version = (typeof versions)[number];

/** What of a document is wanted. */
export interface Choice {
  readonly parts: readonly ReportPart[];
  readonly version: Version;
}

/** A document with the chosen parts only, for the class without anything of the key. Sections that become empty go. */
export function chooseParts(document: ReportDocument, { parts, version }: Choice): ReportDocument {
  const forClass = version === 'class';
  const visible = (thing: { readonly key?: true }): boolean => !(forClass && thing.key);
  const kept = (sections: readonly Section[]): Section[] =>
    sections.filter(visible).flatMap((one) => {
      const wanted = one.part === undefined || parts.includes(one.part);
      const blocks = wanted ? one.blocks.filter(visible).map((block) => open(block)) : [];
      const inner = kept(one.sections);
      return blocks.length + inner.length === 0 ? [] : [{ ...one, blocks, sections: inner }];
    });
  const open = (block: Block): Block => {
    if (!forClass) return block;
    if (block.kind === 'vessels') return { ...block, vessels: block.vessels.filter(visible) };
    if (block.kind !== 'table') return block;
    const shown = block.columns.flatMap((column, at) => (visible(column) ? [at] : []));
    const pick = <T>(row: readonly T[]): T[] =>
      shown.flatMap((at) => {
        const cell = row[at];
        return cell === undefined ? [] : [cell];
      });
    return { ...block, columns: pick(block.columns), rows: block.rows.map(pick) };
  };
  return { ...document, sections: kept(document.sections) };
}

/** A document with what was written in it by hand told for its reader, as what the program worked out is already. */
export function documentTold(document: ReportDocument): ReportDocument {
  const words = (all: Words): Words => all.map((run) => ({ ...run, text: proseTold(run.text) }));
  const block = (one: Block): Block => {
    switch (one.kind) {
      case 'text':
        return { ...one, words: words(one.words) };
      case 'facts':
        return {
          ...one,
          facts: one.facts.map((fact) => ({ ...fact, words: words(fact.words) })),
        };
      case 'list':
        return { ...one, items: one.items.map(words) };
      case 'table':
        return { ...one, rows: one.rows.map((row) => row.map(words)) };
      default:
        return one;
    }
  };
  const section = (one: Section): Section => ({
    ...one,
    title: words(one.title),
    blocks: one.blocks.map(block),
    sections: one.sections.map(section),
  });
  return { ...document, sections: document.sections.map(section) };
}
