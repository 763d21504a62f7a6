import { referenceElectrodes } from '../../matter/substances/data/referenceElectrodes';
import type { ReferenceElectrodeId } from '../../matter/substances/data/referenceElectrodes';
import { leadsOhm } from './supply';
import type { CellVoltages } from './voltages';
import { withPlaces } from '../../common/formatNumber';

/** One part of a cell voltage. */
export interface VoltagePart {
  readonly name:
    | 'equilibrium'
    | 'anode overpotential'
    | 'cathode overpotential'
    | 'solution'
    | 'leads and contacts';
  readonly volts: number;
  /** Where it comes from. */
  readonly from: 'measured' | 'computed' | 'what is left';
}

/** Where a cell voltage goes, summing to it. */
export interface VoltageBalance {
  readonly cellV: number;
  readonly cellFrom: 'measured' | 'computed';
  readonly parts: readonly VoltagePart[];
  /** What does not fit, in words: parts that come out negative, readings that contradict. */
  readonly remarks: readonly string[];
}

/** Readings of one moment, V. Half-cells as read: electrode against reference. */
export interface BalanceReadings {
  readonly cellV?: number | undefined;
  readonly reference: ReferenceElectrodeId;
  readonly cathodeNearV?: number | undefined;
  readonly cathodeFarV?: number | undefined;
  readonly anodeNearV?: number | undefined;
  readonly anodeFarV?: number | undefined;
}

/** Readings closer than this say the same, V. */
const sameV = 0.03;

/**
 * Splits a cell voltage into equilibrium, overpotentials at both electrodes, drop in the solution, and what the leads take. What was
 * read is used, the rest is computed: a half-cell read close to its electrode gives the potential there; far from it, the drop in
 * the solution comes on top.
 */
export function voltageBalance(computed: CellVoltages, readings: BalanceReadings): VoltageBalance {
  const remarks: string[] = [];
  const shift = referenceElectrodes[readings.reference].potentialV;
  const against = (volts: number | undefined) => (volts === undefined ? undefined : volts + shift);
  const plusV = computed.anode.potentialV - computed.anodeOverpotentialV;
  const minusV = computed.cathode.potentialV + computed.cathodeOverpotentialV;
  const anodeRead = against(readings.anodeNearV);
  const cathodeRead = against(readings.cathodeNearV);
  const drops = [
    [readings.anodeNearV, readings.anodeFarV],
    [readings.cathodeNearV, readings.cathodeFarV],
  ].flatMap(([near, far]) =>
    near === undefined || far === undefined ? [] : [Math.abs(far - near)],
  );
  const solutionRead =
    drops.length > 0 ? drops.reduce((sum, one) => sum + one, 0) / drops.length : undefined;
  const [first, second] = drops;
  if (
    first !== undefined &&
    second !== undefined &&
    Math.abs(first - second) > Math.max(sameV, 0.3 * Math.max(first, second))
  )
    remarks.push(
      `The drop in the solution is ${withPlaces(first, 2)} V by the readings at plus and ${withPlaces(second, 2)} V by those at minus: the tip of the reference did not stand in the same places.`,
    );
  const anodeOver = anodeRead === undefined ? computed.anodeOverpotentialV : anodeRead - plusV;
  const cathodeOver =
    cathodeRead === undefined ? computed.cathodeOverpotentialV : minusV - cathodeRead;
  if (anodeRead !== undefined && cathodeRead !== undefined && anodeRead < cathodeRead)
    remarks.push(
      'The reading at plus lies below that at minus: the leads of the voltmeter were swapped, or the readings.',
    );
  const solution = solutionRead ?? computed.solutionV;
  const without = computed.equilibriumV + anodeOver + cathodeOver + solution;
  const leads =
    readings.cellV === undefined ? computed.currentA * leadsOhm : readings.cellV - without;
  if (leads < -sameV)
    remarks.push(
      `The parts add up to ${withPlaces(-leads, 2)} V more than the cell voltage: a part is taken too large, most likely one that was computed.`,
    );
  return {
    cellV: readings.cellV ?? without + leads,
    cellFrom: readings.cellV === undefined ? 'computed' : 'measured',
    parts: [
      { name: 'equilibrium', volts: computed.equilibriumV, from: 'computed' },
      {
        name: 'anode overpotential',
        volts: anodeOver,
        from: anodeRead === undefined ? 'computed' : 'measured',
      },
      {
        name: 'cathode overpotential',
        volts: cathodeOver,
        from: cathodeRead === undefined ? 'computed' : 'measured',
      },
      {
        name: 'solution',
        volts: solution,
        from: solutionRead === undefined ? 'computed' : 'measured',
      },
      {
        name: 'leads and contacts',
        volts: leads,
        from: readings.cellV === undefined ? 'computed' : 'what is left',
      },
    ],
    remarks,
  };
}
