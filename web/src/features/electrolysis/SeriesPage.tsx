import { ActionIcon, Alert, Button, Select, Text, TextInput } from '@mantine/core';
import {
  depositMetals,
  emptyRun,
  seriesOf,
  signSlip,
  typedSeriesSchema,
} from '@stoichos/core/studies/electrolysis';
import type { TypedRun, TypedSeries } from '@stoichos/core/studies/electrolysis';
import { IconTrash } from '@tabler/icons-react';
import { useMemo } from 'react';
import { Segments } from '../../shared/parts/Segments';
import { Amounts } from '../../shared/study/Amounts';
import { attempt } from '@stoichos/core/common';
import classes from '../../shared/study/Study.module.css';
import { useStudy } from '../../shared/study/useStudy';
import { CellFrame } from './CellFrame';
import { SeriesChart } from './SeriesChart';
import { SeriesTable, Slope } from './SeriesResult';

const firstSeries: TypedSeries = {
  metal: 'Cu',
  through: 'origin',
  rows: ['Bench Heron', 'Bench Tern', 'Bench Plover'].map(emptyRun),
};

const useSeries = () =>
  useStudy({
    key: 'stoichos.electrolysis.series',
    name: 'series',
    schema: typedSeriesSchema,
    initial: firstSeries,
  });

/** A class at several currents: mass against charge, and what its slope says. */
export function SeriesPage() {
  const { state } = useSeries();
  const outcome = useMemo(() => attempt(() => seriesOf(state)), [state]);
  return (
    <CellFrame
      settings={{ label: 'The runs of the class', children: <SeriesRows /> }}
      answer={{
        label: 'Mass against charge',
        children: <SeriesAnswer outcome={outcome} />,
      }}
      reasons={{
        label: 'What the slopes say',
        children:
          'series' in outcome ? (
            outcome.series.electrodes.map((one) => (
              <Slope key={one.side} electrode={one} series={outcome.series} metal={state.metal} />
            ))
          ) : (
            <Text className="quiet">
              Slope against M/zF, the Faraday constant and the number of electrons it implies, and
              runs that stand out appear here.
            </Text>
          ),
      }}
    />
  );
}

/** Charge against mass, and what its slope says. */
function SeriesAnswer({ outcome }: { outcome: ReturnType<typeof seriesOf> }) {
  const { state, change } = useSeries();
  return (
    <>
      <Segments
        className="no-print"
        label="The line"
        value={state.through}
        of={{ origin: 'Line through the origin', free: 'Free line' }}
        onChange={(through) => change({ through })}
      />
      {'problem' in outcome && (
        <Alert color="red" title="Not judged yet" role="alert" mt="sm">
          {outcome.problem}
        </Alert>
      )}
      {'missing' in outcome && (
        <Text className="quiet" mt="sm">
          {outcome.missing}
        </Text>
      )}
      {'series' in outcome && (
        <>
          <Text mt="sm" data-testid="conclusion">
            {outcome.series.conclusion}
          </Text>
          <SeriesChart series={outcome.series} metal={state.metal} />
          <SeriesTable series={outcome.series} />
        </>
      )}
    </>
  );
}

/** The runs of the series, one for each current. */
function SeriesRows() {
  const { state, change } = useSeries();
  const { metal, rows } = state;
  return (
    <>
      <Select
        label="Metal"
        value={metal}
        data={depositMetals.map((one) => one.metal)}
        onChange={(next) => change({ metal: next ?? metal })}
      />
      {rows.map((row, at) => (
        <RunFields
          key={at}
          run={row}
          onChange={(part) =>
            change({ rows: rows.map((one, index) => (index === at ? { ...one, ...part } : one)) })
          }
          onDrop={() => change({ rows: rows.filter((_, index) => index !== at) })}
        />
      ))}
      <Button
        mt="sm"
        onClick={() =>
          change({
            rows: [
              ...rows,
              { ...emptyRun(`Run ${rows.length + 1}`), minutes: rows.at(-1)?.minutes ?? '' },
            ],
          })
        }
      >
        Another run
      </Button>
    </>
  );
}

function RunFields({
  run,
  onChange,
  onDrop,
}: {
  readonly run: TypedRun;
  readonly onChange: (part: Partial<TypedRun>) => void;
  readonly onDrop: () => void;
}) {
  const slip = signSlip(run);
  return (
    <div role="group" aria-label={run.name} className={classes.block}>
      <div className={classes.saltAmount}>
        <TextInput
          label="Run"
          flex={1}
          w="auto"
          value={run.name}
          onChange={(event) => onChange({ name: event.currentTarget.value })}
        />
        <ActionIcon aria-label={`Leave out ${run.name}`} onClick={onDrop}>
          <IconTrash size={20} />
        </ActionIcon>
      </div>
      <div className={classes.pair}>
        <Amounts
          of={run}
          onChange={onChange}
          fields={{
            currentA: ['Current', 'A', 0.05],
            minutes: ['Time', 'min', 1],
            cathodeG: ['Minus changed', 'g', 0.01],
            anodeG: ['Plus changed', 'g', 0.01],
          }}
        />
      </div>
      {slip && (
        <Text size="sm" role="alert" mt={4}>
          {slip}
        </Text>
      )}
    </div>
  );
}
