import { formatNumber, withFigures } from '../common/formatNumber';
import { describeObservation } from '../seeing/observation/observation';
import { quantityUnits } from '../planning/procedure/measures';
import type { BenchRecord } from './labDay';

/** A line of the bench record in words. */
export function describeRecord(record: BenchRecord): string {
  switch (record.kind) {
    case 'note':
      return `note: “${record.text}”`;
    case 'measurement': {
      const { name, quantity, value, low, high, typed, uncertainty, instrument } = record;
      const amount =
        low !== undefined && high !== undefined
          ? `${formatNumber(low)}–${formatNumber(high)}`
          : formatNumber(typed?.value ?? value);
      const unit = typed && low === undefined ? typed.unit : quantityUnits[quantity];
      const off = uncertainty === undefined ? '' : ` ± ${withFigures(uncertainty, 1)}`;
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
