import { capital } from '../../common/capital';
import { ChemistryError } from '../../common/errors';
import { faraday } from '../../solution/equilibrium/temperature';
import { molarMassOf } from '../../matter/formula/molarMass';
import { lineThroughOrigin, straightLine } from '../../measuring/straightLine';
import type { Point, StraightLine } from '../../measuring/straightLine';
import { median } from '../../measuring/readings';
import type { Quantity } from '../../measuring/uncertainty';
import { formatNumber, withFigures } from '../../common/formatNumber';

/** One run of a class at its own current. */
export interface SeriesRow {
  readonly name: string;
  readonly currentA: number;
  readonly timeS: number;
  /** After less before, g: negative for an electrode that lost. */
  readonly cathodeChangeG?: number | undefined;
  readonly anodeChangeG?: number | undefined;
}

/** A series at one metal. */
export interface SeriesRequest {
  readonly metal: string;
  readonly electrons: number;
  readonly rows: readonly SeriesRow[];
  readonly through: 'origin' | 'free';
}

/** What one electrode’s points say. */
export interface SeriesElectrode {
  readonly side: 'cathode' | 'anode';
  /** Charge in C against the size of the change in g. */
  readonly points: readonly (Point & { readonly name: string })[];
  readonly line: StraightLine;
  /** Slope over M/zF. */
  readonly ofTheory: Quantity;
  /** M/(z·slope), C/mol, and M/(slope·F); uncertainties are half widths of 95 % intervals. */
  readonly impliedFaraday: Quantity;
  readonly impliedElectrons: Quantity;
  /** Runs that lie far from the line of the others. */
  readonly outliers: readonly string[];
}

/** What a series says. */
export interface Series {
  readonly theoryGPerC: number;
  readonly electrodes: readonly SeriesElectrode[];
  /** For each row: theory, g, and change over theory. */
  readonly rows: readonly (SeriesRow & {
    readonly chargeC: number;
    readonly theoryG: number;
    readonly cathodeEfficiency?: number;
    readonly anodeEfficiency?: number;
  })[];
  readonly conclusion: string;
}

/** How many times the middle residual a point lies off before it stands out. */
const standsOut = 4;
/** Points that differ by less than this from their line never stand out, g: two steps of a school balance. */
const neverOutG = 0.02;

/**
 * Mass change against charge at both electrodes: slope against M/zF, the Faraday constant and the number of electrons it implies,
 * and what stands out.
 *
 * @throws ChemistryError naming the row for a current or time that is not above zero, or when fewer than two runs were weighed.
 */
export function currentSeries({ metal, electrons, rows, through }: SeriesRequest): Series {
  const molar = molarMassOf(metal);
  const theoryGPerC = molar / electrons / faraday;
  rows.forEach(({ currentA, timeS }, at) => {
    if (!(currentA > 0))
      throw ChemistryError.of(
        'outOfRange',
        'The current',
        `${formatNumber(currentA)} A`,
        'above 0 A; a minus on the ammeter means swapped leads',
      ).in(`rows.${at}.currentA`);
    if (!(timeS > 0))
      throw ChemistryError.of('outOfRange', 'The time', `${formatNumber(timeS)} s`, 'above 0 s').in(
        `rows.${at}.timeS`,
      );
  });
  const electrodes = (['cathode', 'anode'] as const).flatMap((side): SeriesElectrode[] => {
    const points = rows.flatMap((row) => {
      const change = side === 'cathode' ? row.cathodeChangeG : row.anodeChangeG;
      return change === undefined
        ? []
        : [
            {
              name: row.name,
              x: row.currentA * row.timeS,
              y: side === 'cathode' ? change : -change,
            },
          ];
    });
    if (points.length < 2) return [];
    const fit = through === 'origin' ? lineThroughOrigin : straightLine;
    const outliers = oddPoints(points, fit);
    const kept = points.filter(({ name }) => !outliers.includes(name));
    const line = fit(kept.length >= 2 ? kept : points);
    const share = line.slope95 === undefined ? 0 : line.slope95 / Math.abs(line.slope);
    const quantity = (value: number): Quantity => ({ value, uncertainty: Math.abs(value) * share });
    return [
      {
        side,
        points,
        line,
        ofTheory: quantity(line.slope / theoryGPerC),
        impliedFaraday: quantity(molar / electrons / line.slope),
        impliedElectrons: quantity(molar / line.slope / faraday),
        outliers,
      },
    ];
  });
  if (electrodes.length === 0)
    throw ChemistryError.of(
      'invalidInput',
      'A series needs at least two runs of which an electrode was weighed.',
    ).in('rows');
  return {
    theoryGPerC,
    electrodes,
    rows: rows.map((row) => {
      const chargeC = row.currentA * row.timeS;
      const theoryG = chargeC * theoryGPerC;
      return {
        ...row,
        chargeC,
        theoryG,
        ...(row.cathodeChangeG !== undefined && {
          cathodeEfficiency: row.cathodeChangeG / theoryG,
        }),
        ...(row.anodeChangeG !== undefined && { anodeEfficiency: -row.anodeChangeG / theoryG }),
      };
    }),
    conclusion: conclude(electrodes, electrons),
  };
}

/** Points far from the line of the others: each is set against the line without it. */
function oddPoints(
  points: readonly (Point & { readonly name: string })[],
  fit: (points: readonly Point[]) => StraightLine,
): string[] {
  if (points.length < 4) return [];
  const offs = points.map((point) => {
    const others = points.filter((one) => one !== point);
    const line = fit(others);
    const scale = median(others.map((one) => Math.abs(one.y - line.at(one.x))));
    return { name: point.name, off: Math.abs(point.y - line.at(point.x)), scale };
  });
  const found = offs.filter(({ off, scale }) => off > neverOutG && off > standsOut * scale);
  // One wrong point pulls the lines of all the others: the worst is told, not its victims.
  const worst = [...found].sort((a, b) => b.off - a.off)[0];
  return worst ? [worst.name] : [];
}

function conclude(electrodes: readonly SeriesElectrode[], electrons: number): string {
  const parts = electrodes.map(({ side, ofTheory, impliedElectrons, line }) => {
    const where = side === 'cathode' ? 'gain at minus' : 'loss at plus';
    const straight =
      line.r2 > 0.98 ? 'is proportional to the charge' : 'follows the charge only roughly';
    const off = Math.abs(ofTheory.value - 1);
    const fits = off <= Math.max(ofTheory.uncertainty, 0.03);
    return `the ${where} ${straight}, with ${Math.round(100 * ofTheory.value)} % of the slope that ${electrons} electrons give${fits ? ', which agrees' : ` (it would take ${withFigures(impliedElectrons.value, 2)} electrons)`}`;
  });
  const isAbove = (side: SeriesElectrode['side']) =>
    electrodes.some(
      (one) => one.side === side && one.ofTheory.value - one.ofTheory.uncertainty > 1.03,
    );
  const measured = (side: SeriesElectrode['side']) => electrodes.some((one) => one.side === side);
  const [first = '', ...rest] = parts;
  const sentence = [capital(first), ...rest].join('; ');
  return `${sentence}. ${verdictOf(isAbove('cathode'), isAbove('anode'), measured)}`;
}

function verdictOf(
  minusAbove: boolean,
  plusAbove: boolean,
  measured: (side: SeriesElectrode['side']) => boolean,
): string {
  if (minusAbove && (plusAbove || !measured('anode')))
    return 'More than theory at every current points to one fault common to all: the ammeter, the clock, or current that flowed while it was being set; not to the chemistry.';
  if (plusAbove && measured('cathode'))
    return 'Only plus lost more than theory: impurities and loose particles fall from it as sludge. The gain at minus is the better number.';
  if (minusAbove)
    return 'Only minus gained more than theory: it was not quite dry, or not rinsed. The loss at plus is the better number.';
  if (plusAbove)
    return 'More than theory is impossible for what dissolves: loose particles fell, or the ammeter or the clock is wrong.';
  return 'The line through the points is what Faraday’s law asks for.';
}
