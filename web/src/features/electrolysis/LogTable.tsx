import { atMostPlaces, withPlaces } from '@stoichos/core/common';
import { ActionIcon, Button, Text } from '@mantine/core';
import { csvOf } from '@stoichos/core/common';
import { standingCellEntries } from '@stoichos/core/labday';
import type { CellRunWithRecord, CellRecord } from '@stoichos/core/labday';
import { IconArrowBackUp } from '@tabler/icons-react';
import classes from '../../shared/study/Study.module.css';
import type { WriteLine } from './useCellRun';
import type { Failure } from '../../data/worker/chemistry';

const columns = [
  ['cellV', 'Cell, V'],
  ['cathodeNearV', 'Minus near'],
  ['cathodeFarV', 'far'],
  ['anodeNearV', 'Plus near'],
  ['anodeFarV', 'far'],
] as const;

/** The readings that stand, line by line; a wrong one is taken back and the record keeps both. */
export function LogTable({ run, write }: { run: CellRunWithRecord; write: WriteLine }) {
  const lines = standingCellEntries(run.entries)
    .flatMap(({ id, record }) => (record.kind === 'reading' ? [{ id, record }] : []))
    .sort((a, b) => a.record.timeS - b.record.timeS);
  if (lines.length === 0)
    return (
      <Text className="quiet" mt="md">
        Readings stand here, one line each: time, current, cell voltage, half-cells near and far.
      </Text>
    );
  const back = run.entries.length - standingCellEntries(run.entries).length;
  return (
    <>
      <LogLines lines={lines} write={write} />
      <Text size="sm" className="quiet">
        {lines.length} {lines.length === 1 ? 'reading' : 'readings'}
        {back > 0 ? `; ${back} lines were corrected or taken back, and stay in the record` : ''}.
      </Text>
      <Button
        variant="default"
        mt="xs"
        className="no-print"
        onClick={() => {
          const rows = lines.map(({ record }) => ({
            'time, s': record.timeS,
            'current, A': record.currentA,
            ...Object.fromEntries(
              columns.map(([name]) => [`${name.replace(/V$/, '')}, V`, record[name] ?? '']),
            ),
          }));
          const link = document.createElement('a');
          link.href = URL.createObjectURL(new Blob([csvOf(rows)], { type: 'text/csv' }));
          link.download = `${run.name.replace(/[/\\:]/g, '-')}.csv`;
          link.click();
          URL.revokeObjectURL(link.href);
        }}
      >
        The log as CSV
      </Button>
    </>
  );
}

interface LogLine {
  readonly id: string;
  readonly record: Extract<CellRecord, { kind: 'reading' }>;
}

/** The lines of the log, newest first. */
function LogLines({
  lines,
  write,
}: {
  readonly lines: readonly LogLine[];
  readonly write: (record: CellRecord | null, supersedes?: string | null) => Failure | undefined;
}) {
  const used = columns.filter(([name]) => lines.some(({ record }) => record[name] !== undefined));
  return (
    <div className={classes.scroll}>
      <table className={classes.lines} data-testid="log">
        <thead>
          <tr>
            <th scope="col">Minute</th>
            <th scope="col">A</th>
            {used.map(([name, label]) => (
              <th key={name} scope="col">
                {label}
              </th>
            ))}
            <th scope="col" className="no-print">
              <span className="visually-hidden">Take back</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ id, record }) => (
            <tr key={id}>
              <th scope="row">{atMostPlaces(record.timeS / 60, 2)}</th>
              <td>{withPlaces(record.currentA, 3)}</td>
              {used.map(([name]) => (
                <td key={name}>{decimals(record[name])}</td>
              ))}
              <td className="no-print">
                <ActionIcon
                  variant="subtle"
                  color="gray"
                  onClick={() => write(null, id)}
                  aria-label={`Take back minute ${atMostPlaces(record.timeS / 60, 2)}`}
                >
                  <IconArrowBackUp size={20} aria-hidden />
                </ActionIcon>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const decimals = (value: number | undefined): string =>
  value === undefined ? '' : withPlaces(value, 2);
