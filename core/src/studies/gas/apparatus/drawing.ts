import { plainFormula } from '../../../matter/formula/plainFormula';

/** What a shape stands for; how that looks is said once, in {@link inks}. */
export type Ink =
  | 'glass'
  | 'tube'
  | 'liquid'
  | 'water'
  | 'solid'
  | 'granules'
  | 'wool'
  | 'rubber'
  | 'metal'
  | 'flame'
  | 'bubbles'
  | 'bench'
  | 'card';

export type Point = readonly [x: number, y: number];

/** One outline of a drawing, as an SVG path. */
export interface Shape {
  readonly d: string;
  readonly ink: Ink;
}

/** A part of the apparatus: what it is called, what it is for, how it is drawn, and where its label points. */
export interface Part {
  readonly name: string;
  /** What is looked at before it is used. */
  readonly check: string;
  readonly shapes: readonly Shape[];
  readonly labelAt: Point;
}

/** A label as it is placed: from a point of the part to its text. */
export interface PlacedLabel {
  readonly number: number;
  readonly name: string;
  readonly from: Point;
  readonly text: Point;
}

/** An assembled apparatus, to be drawn. */
export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly parts: readonly Part[];
  readonly labels: readonly PlacedLabel[];
}

/** How an ink looks; a tube is drawn twice, so that it is hollow. */
export const inks: Readonly<
  Record<Ink, { readonly fill: string; readonly stroke: string; readonly width: number }>
> = {
  glass: { fill: 'none', stroke: '#1f2933', width: 2 },
  tube: { fill: 'none', stroke: '#1f2933', width: 8 },
  liquid: { fill: '#cfe3f2', stroke: 'none', width: 0 },
  water: { fill: '#e3eef7', stroke: 'none', width: 0 },
  solid: { fill: '#b9bec4', stroke: '#5b6670', width: 1 },
  granules: { fill: '#d8dce0', stroke: '#5b6670', width: 1 },
  wool: { fill: '#efe9dc', stroke: '#8a8270', width: 1 },
  rubber: { fill: '#6b5b53', stroke: '#1f2933', width: 1 },
  metal: { fill: 'none', stroke: '#5b6670', width: 3 },
  flame: { fill: '#f4b04a', stroke: '#b3641c', width: 1 },
  bubbles: { fill: 'none', stroke: '#3d6f99', width: 1.2 },
  bench: { fill: 'none', stroke: '#8792a0', width: 1 },
  card: { fill: '#f3efe6', stroke: '#5b6670', width: 1 },
};
/** The inside of a tube, drawn over its outside. */
export const tubeInside = { stroke: '#ffffff', width: 4.5 } as const;

/** How wide a letter is drawn, about, and how far apart two labels are, px. */
const letterPx = 7.7;
const gapPx = 14;
export const labelSizePx = 15;
const rowPx = 22;
const rows = 3;

/**
 * Places the labels of parts in rows above and below the drawing, none over another: the upper half of the parts above, the
 * others below, each from left to right.
 */
export function placeLabels(
  parts: readonly Part[],
  { width, top, bottom }: { readonly width: number; readonly top: number; readonly bottom: number },
): PlacedLabel[] {
  const middle = (top + bottom) / 2;
  const numbered = parts.map((part, at) => ({ part, number: at + 1 }));
  const place = (above: boolean): PlacedLabel[] => {
    const taken = Array.from({ length: rows }, () => 4);
    return numbered
      .filter(({ part }) => part.labelAt[1] < middle === above)
      .sort((one, other) => one.part.labelAt[0] - other.part.labelAt[0])
      .map(({ part, number }) => {
        const long = (part.name.length + 3) * letterPx;
        const wanted = Math.min(part.labelAt[0] - long / 2, width - long);
        // The first row in which it stands where it should; else the one that pushes it least.
        const free = taken.findIndex((to) => to <= wanted);
        const row = free >= 0 ? free : taken.indexOf(Math.min(...taken));
        const x = Math.max(taken[row] ?? 4, wanted);
        taken[row] = x + long + gapPx;
        const y = above ? top - 14 - row * rowPx : bottom + 28 + row * rowPx;
        return { number, name: part.name, from: part.labelAt, text: [x, y] };
      });
  };
  return [...place(true), ...place(false)].sort((a, b) => a.number - b.number);
}

/** What stands at the labels: the names, a line to write on, or only the numbers. */
export type LabelStyle = 'named' | 'blank';

/** The text of a label. */
export function labelText({ number, name }: PlacedLabel, style: LabelStyle): string {
  return style === 'named' ? `${number} ${plainFormula(name)}` : `${number} ……………………`;
}

const escape = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');

/**
 * A drawing as a file of its own: SVG 1.1 with nothing from outside.
 *
 * @param title said of the drawing to those who do not see it.
 */
export function drawingSvg(drawing: Drawing, style: LabelStyle, title: string): string {
  const { width, height, parts, labels } = drawing;
  const path = ({ d, ink }: Shape): string => {
    const { fill, stroke, width: line } = inks[ink];
    const own = `<path d="${d}" fill="${fill}" stroke="${stroke}" stroke-width="${line}" stroke-linejoin="round" stroke-linecap="round"/>`;
    return ink === 'tube'
      ? `${own}<path d="${d}" fill="none" stroke="${tubeInside.stroke}" stroke-width="${tubeInside.width}" stroke-linejoin="round"/>`
      : own;
  };
  const lines = labels.map(
    ({ from, text: [x, y] }) =>
      `<path d="M${x + 6} ${y < from[1] ? y + 4 : y - labelSizePx} L${from[0]} ${from[1]}" stroke="#8792a0" stroke-width="0.8" fill="none"/>`,
  );
  const texts = labels.map(
    (label) =>
      `<text x="${label.text[0]}" y="${label.text[1]}" font-family="Source Sans 3, Arial, sans-serif" font-size="${labelSizePx}" fill="#1f2933">${escape(labelText(label, style))}</text>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" role="img">`,
    `<title>${escape(plainFormula(title))}</title>`,
    `<rect width="${width}" height="${height}" fill="#ffffff"/>`,
    ...parts.flatMap(({ shapes }) => shapes.map(path)),
    ...lines,
    ...texts,
    '</svg>',
  ].join('\n');
}
