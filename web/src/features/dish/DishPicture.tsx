import { phraseHex } from '@stoichos/core/seeing/appearance';
import type { Dish, DishFrame, DishSalt } from '@stoichos/core/studies/dish';
import { useEffect, useRef } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './Dish.module.css';

/** Ions without a colour are drawn as two greys, so that one sees them come. */
const unseen = [
  [96, 104, 112],
  [168, 150, 128],
] as const;
/** How strongly the fullest cell of a salt is drawn. */
const mostVeil = 0.75;

interface DishPictureProps {
  readonly dish: Dish;
  readonly frame: DishFrame;
  /** Said in place of the picture. */
  readonly label: string;
  /** Where the first line came, drawn as a ring once it has come. */
  readonly lineAtMm?: readonly [number, number] | undefined;
}

/** The dish from above: each salt as a veil that thins out, the solid in its own colour over it. */
export function DishPicture({ dish, frame, label, lineAtMm }: DishPictureProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const across = dish.grid.width;
  useEffect(() => {
    const pen = canvas.current?.getContext('2d');
    if (!pen) return;
    const picture = pen.createImageData(across, across);
    paint(picture.data, dish, frame);
    pen.putImageData(picture, 0, 0);
    const scale = across / dish.diameterMm;
    pen.lineWidth = 0.8;
    dish.salts.forEach(({ atMm: [x, y], heapMm }) => {
      pen.strokeStyle = 'rgba(40, 44, 50, 0.55)';
      pen.setLineDash([2, 2]);
      circle(pen, x * scale, y * scale, Math.max(1.5, heapMm * scale));
    });
    if (lineAtMm) {
      pen.setLineDash([]);
      pen.strokeStyle = 'rgba(20, 24, 30, 0.9)';
      circle(pen, lineAtMm[0] * scale, lineAtMm[1] * scale, 4);
    }
  }, [across, dish, frame, lineAtMm]);
  return (
    <div className={classes.picture}>
      <canvas ref={canvas} width={across} height={across} role="img" aria-label={label} />
    </div>
  );
}

function circle(pen: CanvasRenderingContext2D, x: number, y: number, radius: number): void {
  pen.beginPath();
  pen.arc(x, y, radius, 0, 2 * Math.PI);
  pen.stroke();
}

const rgbOf = (hex: string): [number, number, number] => [
  Number.parseInt(hex.slice(1, 3), 16),
  Number.parseInt(hex.slice(3, 5), 16),
  Number.parseInt(hex.slice(5, 7), 16),
];

/** The colour in which a salt is drawn. */
function veilOf({ colour }: DishSalt, which: 0 | 1): readonly [number, number, number] {
  return colour ? rgbOf(phraseHex(colour)) : unseen[which];
}

function paint(data: Uint8ClampedArray, { salts, solid }: Dish, frame: DishFrame): void {
  const veils = [veilOf(salts[0], 0), veilOf(salts[1], 1)] as const;
  const own = rgbOf(phraseHex(solid.colour));
  // A white solid would be lost on white paper: a line of it is drawn with a darker edge of grey.
  const isPale = own.every((one) => one > 225);
  const drawn = isPale ? ([205, 208, 212] as const) : own;
  const paper = [253, 253, 252] as const;
  for (let i = 0; i < frame.first.length; i += 1) {
    const shares = [frame.first[i] ?? 0, frame.second[i] ?? 0].map((one) => (mostVeil * one) / 255);
    const settled = (frame.solid[i] ?? 0) / 255;
    for (let channel = 0; channel < 3; channel += 1) {
      let value: number = paper[channel] ?? 255;
      shares.forEach((share, which) => {
        value += share * ((veils[which as 0 | 1][channel] ?? 0) - value);
      });
      value += settled * ((drawn[channel] ?? 0) - value);
      data[4 * i + channel] = value;
    }
    data[4 * i + 3] = 255;
  }
}

/** What is drawn how. */
export function DishKey({ dish: { salts, solid } }: { dish: Dish }) {
  return (
    <ul className={classes.key}>
      {salts.map((salt, at) => (
        <li key={salt.formula}>
          <i style={{ background: `rgb(${veilOf(salt, at as 0 | 1).join(' ')})` }} aria-hidden />
          <Formula text={salt.formula} />{' '}
          <span className="quiet">{salt.colour ?? 'colourless, drawn grey'}</span>
        </li>
      ))}
      <li>
        <i style={{ background: phraseHex(solid.colour) }} aria-hidden />
        <Formula text={solid.formula} /> <span className="quiet">{solid.colour}</span>
      </li>
    </ul>
  );
}
