import { describeObservation } from '../../seeing/observation/observation';
import { tellMeasurement } from './asRead';
import type { BenchRecord } from '../day/labDay';

/** A line of the bench record in words. */
export function describeRecord(record: BenchRecord): string {
  switch (record.kind) {
    case 'note':
      return `note: “${record.text}”`;
    case 'measurement': {
      const { name, instrument } = record;
      const { amount, off, unit } = tellMeasurement(record);
      const from = instrument === undefined ? '' : `, from the ${instrument.toLowerCase()}`;
      return `${name}: ${amount}${off} ${unit}${from}`.trim();
    }
    case 'departure':
      return `departure, ${record.what}: ${record.planned} → ${record.done}`;
    case 'step':
      return `step ${record.state}`;
    case 'verdict':
      return `verdict of ${record.by}: ${record.verdict} (${record.reason})`;
    case 'signOff':
      return `signed off by ${record.by}`;
    default:
      return describeObservation(record);
  }
}
