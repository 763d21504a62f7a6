import type { Block, Column, ReportDocument, Section, Words } from './document';
import { atMostFigures } from '../../common/formatNumber';

/** A document as Markdown with tables (GitHub-flavoured). Lowered and raised signs become `<sub>` and `<sup>`. */
export function markdownOf(document: ReportDocument): string {
  const { title, over, under, sections, closing } = document;
  return [
    ...(over === '' ? [] : [escape(over), '']),
    `# ${escape(title)}`,
    '',
    ...under.flatMap((line) => [escape(line), '']),
    ...sections.flatMap((one) => sectionLines(one, 2)),
    escape(closing),
    '',
  ].join('\n');
}

/** Deeper headings than this are set alike. */
const deepest = 5;

function sectionLines({ title, blocks, sections }: Section, level: number): string[] {
  const heading = `${'#'.repeat(Math.min(level, deepest))} ${inline(title)}`;
  return [
    ...(title.length > 0 ? [heading, ''] : []),
    ...blocks.map(blockLines).flatMap((lines) => (lines.length > 0 ? [...lines, ''] : [])),
    ...sections.flatMap((one) => sectionLines(one, level + 1)),
  ];
}

function blockLines(block: Block): string[] {
  switch (block.kind) {
    case 'text':
      return [inline(block.words)];
    case 'facts':
      return block.facts.map(({ name, words }) => `- ${escape(name)}: ${inline(words)}`);
    case 'list':
      return block.items.map(
        (item, at) => `${block.numbered ? `${at + 1}.` : '-'} ${inline(item)}`,
      );
    case 'table':
      return tableLines(block.columns, block.rows);
    case 'vessels':
      // What the drawing shows stands in words beside it.
      return [];
    case 'chart': {
      const { title, inWords, x, y, places, series } = block.chart;
      const read = series.filter(({ look }) => look !== 'dashed');
      return [
        `**${escape(title)}.** ${escape(inWords)}`,
        '',
        ...read.flatMap(({ points }) =>
          tableLines(
            [{ head: x }, { head: y }],
            points.map((point) => [
              [{ text: places?.[point.x] ?? rounded(point.x), set: 'line' as const }],
              [{ text: rounded(point.y), set: 'line' as const }],
            ]),
          ),
        ),
      ];
    }
    case 'lines':
      return Array.from({ length: block.count }, () => '…………………………………………………………');
  }
}

/** Charted numbers are told to so many figures. */
const figures = 5;
const rounded = (value: number): string => atMostFigures(value, figures);

function tableLines(columns: readonly Column[], rows: readonly (readonly Words[])[]): string[] {
  const line = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
  return [
    line(columns.map(({ head }) => escape(head))),
    line(columns.map(() => '---')),
    ...rows.map((row) => line(row.map(inline))),
  ];
}

const tags = { sub: 'sub', super: 'sup' } as const;

function inline(words: Words): string {
  return words
    .map(({ text, set }) =>
      set === 'line' ? escape(text) : `<${tags[set]}>${escape(text)}</${tags[set]}>`,
    )
    .join('');
}

/** Keeps typed text from becoming markup, and a line one line. */
function escape(text: string): string {
  return text.replace(/[\\`*_[\]<>#|]/g, '\\$&').replace(/\s*\n\s*/g, ' ');
}
