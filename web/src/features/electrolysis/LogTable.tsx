import { ActionIcon, Button, Text } from '@mantine/core';
import { atMostPlaces, csvOf, withPlaces } from '@stoichos/core/common';
import { standingCellEntries } from '@stoichos/core/labday/cells';
import type { CellRunWithRecord } from '@stoichos/core/labday/cells';
import { IconArrowBackUp } from '@tabler/icons-react';
import { LineTable } from '../../shared/parts/LineTable';
import { save } from '../../shared/parts/save';
import classes from '../../shared/study/Study.module.css';
import type { WriteLine } from './useCellRun';

const columns = [
  ['cellV', 'Cell, V'],
  ['cathodeNearV', 'Minus near'],
  ['cathodeFarV', 'far'],
  ['anodeNearV', 'Plus near'],
  ['anodeFarV', 'far'],
] as const;

const takeBack = <span className="visually-hidden">Take back</span>;

/** The readings that stand, line by line; a wrong one is taken back and the record keeps both. */
export function LogTable({ run, write }: { run: CellRunWithRecord; write: WriteLine }) {
  const standing = standingCellEntries(run.entries);
  const lines = standing
    .flatMap(({ id, record }) => (record.kind === 'reading' ? [{ id, record }] : []))
    .sort((a, b) => a.record.timeS - b.record.timeS);
  if (lines.length === 0)
    return (
      <Text className="quiet" mt="md">
        Readings stand here, one line each: time, current, cell voltage, half-cells near and far.
      </Text>
    );
  const back = run.entries.length - standing.length;
  const used = columns.filter(([name]) => lines.some(({ record }) => record[name] !== undefined));
  const csv = () =>
    csvOf(
      lines.map(({ record }) => ({
        'time, s': record.timeS,
        'current, A': record.currentA,
        ...Object.fromEntries(
          columns.map(([name]) => [`${name.replace(/V$/, '')}, V`, record[name] ?? '']),
        ),
      })),
    );
  return (
    <>
      <div className={classes.scroll}>
        <LineTable
          className={classes.lines}
          data-testid="log"
          head={['Minute', 'A', ...used.map(([, label]) => label), takeBack]}
          rows={lines.map(({ id, record }) => {
            const minute = atMostPlaces(record.timeS / 60, 2);
            return [
              minute,
              withPlaces(record.currentA, 3),
              ...used.map(([name]) => {
                const volts = record[name];
                return volts === undefined ? '' : withPlaces(volts, 2);
              }),
              <ActionIcon
                className="no-print"
                variant="subtle"
                color="gray"
                onClick={() => write(null, id)}
                aria-label={`Take back minute ${minute}`}
              >
                <IconArrowBackUp size={20} aria-hidden />
              </ActionIcon>,
            ];
          })}
        />
      </div>
      <Text size="sm" className="quiet">
        {lines.length} {lines.length === 1 ? 'reading' : 'readings'}
        {back > 0 ? `; ${back} lines were corrected or taken back, and stay in the record` : ''}.
      </Text>
      <Button
        mt="xs"
        className="no-print"
        onClick={() => save(new Blob([csv()], { type: 'text/csv' }), `${run.name}.csv`)}
      >
        The log as CSV
      </Button>
    </>
  );
}
