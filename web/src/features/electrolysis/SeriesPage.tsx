import { Alert, Button, SegmentedControl, Select, Text } from '@mantine/core';
import { currentSeries, depositMetals } from '@stoichos/core/studies/electrolysis';
import type { Series } from '@stoichos/core/studies/electrolysis';
import { useMemo } from 'react';
import * as z from 'zod';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { useKept } from '../../data/kept/useKept';
import { attempt } from '../../shared/study/attempt';
import type { Attempt } from '../../shared/study/attempt';
import { ElectrolysisTabs } from './ElectrolysisTabs';
import { SeriesChart } from './SeriesChart';
import { SeriesTable, Slope } from './SeriesResult';
import { rowSchema, RowFields, signSlip } from './SeriesRow';
import type { Row } from './SeriesRow';
const seriesSchema = z.object({
  metal: z.string(),
  through: z.enum(['origin', 'free']),
  rows: z.array(rowSchema).max(40),
});

const emptyRow = (name: string): Row => ({
  name,
  currentA: '',
  minutes: '',
  cathodeG: '',
  anodeG: '',
});
const firstSeries = {
  metal: 'Cu',
  through: 'origin' as const,
  rows: ['Bench Heron', 'Bench Tern', 'Bench Plover'].map(emptyRow),
};

/** A class at several currents: mass against charge, and what its slope says. */
export function SeriesPage() {
  const [state, setState] = useKept('stoichos.electrolysis.series', seriesSchema, firstSeries);
  const { metal, through, rows } = state;
  const set = (part: Partial<typeof state>) => setState((before) => ({ ...before, ...part }));
  const told = useMemo(() => judge(metal, through, rows), [metal, through, rows]);
  return (
    <StudyFrame
      title="Electrolysis"
      tools={<PrintButton />}
      settings={{
        label: 'The runs of the class',
        children: <SeriesRows metal={metal} rows={rows} set={set} />,
      }}
      answer={{
        label: 'Mass against charge',
        children: <SeriesAnswer metal={metal} through={through} set={set} told={told} />,
      }}
      reasons={{
        label: 'What the slopes say',
        children:
          'series' in told ? (
            told.series.electrodes.map((one) => (
              <Slope key={one.side} electrode={one} series={told.series} metal={metal} />
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

interface SeriesAnswerProps {
  readonly metal: string;
  readonly through: 'free' | 'origin';
  readonly set: (part: Partial<{ metal: string; through: 'free' | 'origin'; rows: Row[] }>) => void;
  readonly told: Told;
}

/** Charge against mass, and what its slope says. */
function SeriesAnswer({ metal, through, set, told }: SeriesAnswerProps) {
  return (
    <>
      <ElectrolysisTabs />
      <SegmentedControl
        className="no-print"
        aria-label="The line"
        value={through}
        data={[
          { value: 'origin', label: 'Line through the origin' },
          { value: 'free', label: 'Free line' },
        ]}
        onChange={(value) => set({ through: value === 'free' ? 'free' : 'origin' })}
      />
      {'problem' in told ? (
        <Alert variant="outline" color="red" title="Not judged yet" role="alert" mt="sm">
          {told.problem}
        </Alert>
      ) : 'missing' in told ? (
        <Text className="quiet" mt="sm">
          {told.missing}
        </Text>
      ) : (
        <>
          <Text mt="sm" data-testid="conclusion">
            {told.series.conclusion}
          </Text>
          <SeriesChart series={told.series} metal={metal} />
          <SeriesTable series={told.series} />
        </>
      )}
    </>
  );
}

/** The runs of the series, one for each current. */
function SeriesRows({
  metal,
  rows,
  set,
}: {
  readonly metal: string;
  readonly rows: Row[];
  readonly set: (part: Partial<{ metal: string; through: 'free' | 'origin'; rows: Row[] }>) => void;
}) {
  const change = (at: number, part: Partial<Row>) =>
    set({ rows: rows.map((row, index) => (index === at ? { ...row, ...part } : row)) });
  return (
    <>
      <Select
        label="Metal"
        value={metal}
        data={depositMetals.map((one) => one.metal)}
        onChange={(next) => set({ metal: next ?? metal })}
      />
      {rows.map((row, at) => (
        <RowFields
          key={at}
          row={row}
          onChange={(part) => change(at, part)}
          onDrop={() => set({ rows: rows.filter((_, index) => index !== at) })}
        />
      ))}
      <Button
        variant="default"
        mt="sm"
        onClick={() =>
          set({
            rows: [
              ...rows,
              { ...emptyRow(`Run ${rows.length + 1}`), minutes: rows.at(-1)?.minutes ?? '' },
            ],
          })
        }
      >
        Another run
      </Button>
    </>
  );
}

type Told = Attempt<{ readonly missing: string } | { readonly series: Series }>;

function judge(metal: string, through: 'origin' | 'free', rows: readonly Row[]): Told {
  const full = rows.filter(
    ({ currentA, minutes, cathodeG, anodeG }) =>
      currentA !== '' && minutes !== '' && (cathodeG !== '' || anodeG !== ''),
  );
  if (full.length < 2)
    return {
      missing:
        'Enter at least two runs with current, time and the change of an electrode (after less before: minus gains, plus loses).',
    };
  const slip = full.find((row) => signSlip(row) !== undefined);
  if (slip) return { problem: `${slip.name}: ${signSlip(slip) ?? ''}` };
  return attempt(() => ({
    series: currentSeries({
      metal,
      electrons: depositMetals.find((one) => one.metal === metal)?.electrons ?? 1,
      through,
      rows: full.map(({ name, currentA, minutes, cathodeG, anodeG }) => ({
        name,
        currentA: Number(currentA),
        timeS: 60 * Number(minutes),
        ...(cathodeG !== '' && { cathodeChangeG: cathodeG }),
        ...(anodeG !== '' && { anodeChangeG: anodeG }),
      })),
    }),
  }));
}
