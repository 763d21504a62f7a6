import {
  ActionIcon,
  Alert,
  Button,
  SegmentedControl,
  Select,
  Text,
  TextInput,
} from '@mantine/core';
import { currentSeries, depositMetals } from '@stoichos/core/studies/electrolysis';
import type { Series, SeriesElectrode } from '@stoichos/core/studies/electrolysis';
import { IconTrash } from '@tabler/icons-react';
import { useMemo } from 'react';
import * as z from 'zod';
import { Formula } from '../../shared/chemistry/Formula';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { useKept } from '../../data/kept/useKept';
import { Amount } from '../../shared/study/Amount';
import { attempt } from '../../shared/study/attempt';
import type { Attempt } from '../../shared/study/attempt';
import classes from '../../shared/study/Study.module.css';
import { ElectrolysisTabs } from './ElectrolysisTabs';
import { SeriesChart } from './SeriesChart';

const typed = z.union([z.number(), z.literal('')]);
const rowSchema = z.object({
  name: z.string(),
  currentA: typed,
  minutes: typed,
  cathodeG: typed,
  anodeG: typed,
});
const seriesSchema = z.object({
  metal: z.string(),
  through: z.enum(['origin', 'free']),
  rows: z.array(rowSchema).max(40),
});
type Row = z.output<typeof rowSchema>;

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
  const change = (at: number, part: Partial<Row>) =>
    set({ rows: rows.map((row, index) => (index === at ? { ...row, ...part } : row)) });
  return (
    <StudyFrame
      title="Electrolysis"
      tools={<PrintButton />}
      settings={{
        label: 'The runs of the class',
        children: (
          <>
            <Select
              label="Metal"
              size="md"
              allowDeselect={false}
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
              size="md"
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
        ),
      }}
      answer={{
        label: 'Mass against charge',
        children: (
          <>
            <ElectrolysisTabs />
            <SegmentedControl
              className="no-print"
              size="md"
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
        ),
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

function RowFields({
  row,
  onChange,
  onDrop,
}: {
  readonly row: Row;
  readonly onChange: (part: Partial<Row>) => void;
  readonly onDrop: () => void;
}) {
  const signs = signSlip(row);
  return (
    <div role="group" aria-label={row.name} className={classes.block}>
      <div className={classes.saltAmount}>
        <TextInput
          label="Run"
          size="md"
          style={{ flex: 1, width: 'auto' }}
          value={row.name}
          onChange={(event) => onChange({ name: event.currentTarget.value })}
        />
        <ActionIcon
          size={44}
          variant="default"
          aria-label={`Leave out ${row.name}`}
          onClick={onDrop}
        >
          <IconTrash size={20} />
        </ActionIcon>
      </div>
      <div className={classes.pair}>
        <Amount
          label="Current, A"
          step={0.05}
          value={row.currentA}
          onChange={(currentA) => onChange({ currentA })}
        />
        <Amount
          label="Time, min"
          step={1}
          value={row.minutes}
          onChange={(minutes) => onChange({ minutes })}
        />
        <Amount
          label="Minus changed, g"
          step={0.01}
          value={row.cathodeG}
          onChange={(cathodeG) => onChange({ cathodeG })}
        />
        <Amount
          label="Plus changed, g"
          step={0.01}
          value={row.anodeG}
          onChange={(anodeG) => onChange({ anodeG })}
        />
      </div>
      {signs && (
        <Text size="sm" role="alert" mt={4}>
          {signs}
        </Text>
      )}
    </div>
  );
}

/** Minus gains and plus loses; anything else is a slip of the sign or swapped electrodes. */
function signSlip({ cathodeG, anodeG }: Row): string | undefined {
  const [wrongMinus, wrongPlus] = [cathodeG !== '' && cathodeG < 0, anodeG !== '' && anodeG > 0];
  if (wrongMinus && wrongPlus)
    return 'Minus lost and plus gained: the electrodes, or the signs, are swapped.';
  if (wrongPlus) return 'Plus loses: type its change with a minus, as after less before.';
  return wrongMinus ? 'Minus gains: type its change without a minus.' : undefined;
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

function SeriesTable({ series }: { series: Series }) {
  const cell = (grams: number | undefined, share: number | undefined) =>
    grams === undefined
      ? ''
      : `${grams.toFixed(3).replace('-', '−')} (${Math.round(100 * (share ?? 0))} %)`;
  return (
    <div className={classes.scroll}>
      <table className={classes.lines} data-testid="series">
        <thead>
          <tr>
            <th scope="col">Run</th>
            <th scope="col">A</th>
            <th scope="col">C</th>
            <th scope="col">Theory, g</th>
            <th scope="col">Minus, g</th>
            <th scope="col">Plus, g</th>
          </tr>
        </thead>
        <tbody>
          {series.rows.map((row) => (
            <tr key={row.name}>
              <th scope="row">{row.name}</th>
              <td>{row.currentA}</td>
              <td>{Math.round(row.chargeC)}</td>
              <td>{row.theoryG.toFixed(3)}</td>
              <td>{cell(row.cathodeChangeG, row.cathodeEfficiency)}</td>
              <td>{cell(row.anodeChangeG, row.anodeEfficiency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** To the nearest hundred, with a thin space between thousands. */
const thousands = (value: number): string =>
  String(Math.round(value / 100) * 100).replace(/\B(?=(\d{3})+$)/g, '\u202f');

function Slope({
  electrode,
  series,
  metal,
}: {
  electrode: SeriesElectrode;
  series: Series;
  metal: string;
}) {
  const { side, line, ofTheory, impliedFaraday, impliedElectrons, outliers } = electrode;
  const mg = (value: number) => (value * 1000).toPrecision(3);
  return (
    <section
      aria-label={side === 'cathode' ? 'Slope at minus' : 'Slope at plus'}
      data-testid="slope"
    >
      <Text fw={600}>{side === 'cathode' ? 'Gain at minus' : 'Loss at plus'}</Text>
      <div className={classes.answers}>
        <div>
          <span className="quiet">Slope</span>
          <strong>{mg(line.slope)} mg/C</strong>
          <span className="quiet">
            theory M/zF {mg(series.theoryGPerC)} mg/C for <Formula text={metal} />
          </span>
        </div>
        <div>
          <span className="quiet">Of theory</span>
          <strong>
            {Math.round(100 * ofTheory.value)} ±{' '}
            {Math.max(1, Math.round(100 * ofTheory.uncertainty))} %
          </strong>
        </div>
        <div>
          <span className="quiet">Implied F</span>
          <strong>{thousands(impliedFaraday.value)} C/mol</strong>
          <span className="quiet">± {thousands(impliedFaraday.uncertainty)}; CODATA 96 485</span>
        </div>
        <div>
          <span className="quiet">Implied electrons</span>
          <strong>{impliedElectrons.value.toFixed(2)}</strong>
          <span className="quiet">± {impliedElectrons.uncertainty.toFixed(2)}</span>
        </div>
      </div>
      {Math.abs(line.intercept) > 0 && (
        <Text size="sm">
          The free line starts at {line.intercept.toFixed(3).replace('-', '−')} g
          {line.intercept95 === undefined ? '' : ` ± ${line.intercept95.toFixed(3)}`} with no
          charge.
        </Text>
      )}
      {outliers.map((name) => (
        <Text key={name} size="sm" role="note">
          {name} stands out and is left out of the line: look at its weighings and its clock.
        </Text>
      ))}
    </section>
  );
}
