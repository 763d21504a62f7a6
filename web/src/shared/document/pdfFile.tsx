import type { Block, ReportDocument, Section, Words } from '@stoichos/core/report/dayReport';
import type { Content, ContentText, TDocumentDefinitions } from 'pdfmake/interfaces';
import { renderToStaticMarkup } from 'react-dom/server';
import sans from '@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff?url';
import sansBold from '@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff?url';
import fallback from 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf?url';
import { chartPicture } from '../chart/chartPicture';
import { Vessel } from '../glassware/Vessel';
import { asBase64 } from './asBase64';

const files = { sans, sansBold, fallback } as const;
const fonts = {
  Sans: { normal: 'sans', bold: 'sansBold', italics: 'sans', bolditalics: 'sansBold' },
  Fallback: { normal: 'fallback', bold: 'fallback', italics: 'fallback', bolditalics: 'fallback' },
} as const;

/** Runs of what the sans of the application has in its Latin file (the ranges its publisher names for it), and of what it has not. */
const runsByFont =
  /[ -\u00FF\u0131\u0152\u0153\u02BB\u02BC\u02C6\u02DA\u02DC\u2000-\u206F\u20AC\u2122\u2191\u2193\u2212\u2215]+|([^ -\u00FF\u0131\u0152\u0153\u02BB\u02BC\u02C6\u02DA\u02DC\u2000-\u206F\u20AC\u2122\u2191\u2193\u2212\u2215]+)/g;

/** A text in pieces that one font each can set. */
function pieces(text: string): { text: string; font: 'Sans' | 'Fallback' }[] {
  return [...text.matchAll(runsByFont)].map(([piece, other]) => ({
    text: piece,
    font: other === undefined ? 'Sans' : 'Fallback',
  }));
}

/** Words as pieces of text with what is lowered and raised. */
function set(words: Words): ContentText[] {
  return words.flatMap(({ text, set: height }) =>
    pieces(text).map((piece) => ({
      ...piece,
      ...(height === 'sub' && { sub: true }),
      ...(height === 'super' && { sup: true }),
    })),
  );
}
const line = (text: string): ContentText[] => pieces(text);

type BlockOf<K extends Block['kind']> = Extract<Block, { kind: K }>;

const headingSizes = [14, 12, 10.5, 10] as const;
const quiet = '#5c6068';
const rule = '#dcd8cf';
const chartWidth = 420;
const vesselHeight = 70;

const margin: [number, number, number, number] = [0, 2, 0, 4];

function blockContent(block: Block): Content[] {
  switch (block.kind) {
    case 'text':
      return [{ text: set(block.words), margin, ...(block.small && { fontSize: 9 }) }];
    case 'facts':
      return [
        {
          margin,
          layout: 'noBorders',
          table: {
            widths: [80, '*'],
            dontBreakRows: true,
            body: block.facts.map(({ name, words }) => [
              { text: line(name), color: quiet },
              { text: set(words) },
            ]),
          },
        },
      ];
    case 'list': {
      const items = block.items.map((item) => ({ text: set(item) }));
      return [block.numbered ? { ol: items, margin } : { ul: items, margin }];
    }
    case 'table':
      return tableContent(block);
    case 'vessels':
      return vesselsContent(block);
    case 'chart':
      return [
        { text: line(block.chart.title), bold: true, margin: [0, 4, 0, 2] },
        { image: chartPicture(block.chart), width: chartWidth, margin: [0, 0, 0, 6] },
      ];
    case 'lines':
      return Array.from({ length: block.count }, () => ({
        canvas: [
          {
            type: 'line' as const,
            x1: 0,
            y1: 18,
            x2: 500,
            y2: 18,
            lineWidth: 0.5,
            lineColor: quiet,
          },
        ],
      }));
  }
}

function tableContent(block: BlockOf<'table'>): Content[] {
  return [
    {
      margin,
      layout: {
        hLineColor: () => (block.toFillIn ? '#999' : rule),
        vLineColor: () => '#999',
        vLineWidth: () => (block.toFillIn ? 0.5 : 0),
        hLineWidth: () => 0.5,
      },
      table: {
        headerRows: 1,
        dontBreakRows: true,
        // Shares of the text’s width, less what the cells keep free at their sides.
        widths: widthsOf(block.columns.map(({ width = 1 }) => width)),
        ...(block.toFillIn && { heights: (row: number) => (row === 0 ? 12 : 44) }),
        body: [
          block.columns.map(({ head }) => ({ text: line(head), bold: true })),
          ...block.rows.map((row) => row.map((cell) => ({ text: set(cell) }))),
        ],
      },
    },
  ];
}

function vesselsContent(block: BlockOf<'vessels'>): Content[] {
  return [
    {
      margin,
      columns: block.vessels.map(({ container, view, label }) => ({
        width: 70,
        stack: [
          {
            svg: renderToStaticMarkup(
              <Vessel
                container={container}
                view={view ?? undefined}
                label={label}
                height={vesselHeight}
              />,
            ).replaceAll('var(--glass)', '#7f8a94'),
          },
          { text: line(label), fontSize: 8 },
        ],
      })),
    },
  ];
}

/** Of A4 and of Letter, less the margins, points. */
const textWidthPt = 500;
const cellPaddingPt = 9;

function widthsOf(shares: readonly number[]): number[] {
  const all = shares.reduce((sum, one) => sum + one, 0);
  return shares.map((share) => (textWidthPt * share) / all - cellPaddingPt);
}

function sectionContent({ title, blocks, sections }: Section, level: number): Content[] {
  const content = [
    ...blocks.flatMap(blockContent),
    ...sections.flatMap((one) => sectionContent(one, level + 1)),
  ];
  if (title.length === 0) return content;
  const heading: Content = {
    text: set(title),
    bold: true,
    fontSize: headingSizes[Math.min(level, headingSizes.length - 1)] ?? 10,
    margin: [0, level === 0 ? 12 : 7, 0, 3],
  };
  const [first, ...rest] = content;
  // A heading does not stand alone at the foot of a page; a table may be longer than one.
  const isLong = first === undefined || (blocks[0]?.kind === 'table' && blocks[0].rows.length > 6);
  return isLong ? [heading, ...content] : [{ stack: [heading, first], unbreakable: true }, ...rest];
}

/** A document as PDF, set in the fonts of the application. What sets it is loaded with the first one. */
export async function pdfFile(document: ReportDocument, paper: 'A4' | 'Letter'): Promise<Blob> {
  const { default: pdfMake } = await import('pdfmake/build/pdfmake');
  const held = await Promise.all(
    Object.entries(files).map(async ([name, url]) => [name, await asBase64(url)] as const),
  );
  pdfMake.addVirtualFileSystem(Object.fromEntries(held));
  pdfMake.addFonts(fonts);
  const { title, over, under, sections, closing } = document;
  const definition: TDocumentDefinitions = {
    info: { title },
    pageSize: paper === 'A4' ? 'A4' : 'LETTER',
    pageMargins: [45, 45, 45, 50],
    defaultStyle: { font: 'Sans', fontSize: 10, lineHeight: 1.15 },
    footer: (page, pages) => ({
      text: line(`${title} · ${page} of ${pages}`),
      alignment: 'center',
      color: quiet,
      fontSize: 8,
      margin: [0, 18, 0, 0],
    }),
    content: [
      ...(over === '' ? [] : [{ text: line(over), color: quiet }]),
      { text: line(title), bold: true, fontSize: 18, margin: [0, 2, 0, 4] },
      ...under.map((one) => ({ text: line(one), color: quiet })),
      ...sections.flatMap((one) => sectionContent(one, 0)),
      { text: line(closing), color: quiet, fontSize: 8, margin: [0, 14, 0, 0] },
    ],
  };
  return pdfMake.createPdf(definition).getBlob();
}
