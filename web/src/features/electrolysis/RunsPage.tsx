import { Alert, Button, Select, Text, TextInput } from '@mantine/core';
import { parseInput } from '@stoichos/core/commands';
import { ChemistryError, formatNumber } from '@stoichos/core/common';
import { cellRunSchema } from '@stoichos/core/labday';
import { referenceElectrodes } from '@stoichos/core/matter/substances';
import { depositMetals, usualGapCm } from '@stoichos/core/studies/electrolysis';
import { findElectrode } from '@stoichos/core/vessel';
import type { CellRun } from '@stoichos/core/labday';
import type { ReferenceElectrodeId } from '@stoichos/core/matter/substances';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { NumberField } from '../../shared/parts/NumberField';
import { useCellsQuery, useSaveCellMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { LoadState } from '../../shared/parts/LoadState';
import { StudyFrame } from '../../shared/study/StudyFrame';
import type { Failure } from '../../data/worker/chemistry';
import { CellSettings } from './CellSettings';
import classes from '../../shared/study/Study.module.css';
import { ElectrolysisTabs } from './ElectrolysisTabs';
import { requestOf, useElectrolysis } from './electrolysisState';
import type { ElectrolysisState } from './electrolysisState';

/** Runs that are recorded, and a new one from the cell of the study. */
export function RunsPage() {
  const [state, setState] = useElectrolysis();
  const { data: runs, error, refetch } = useCellsQuery();
  const change = (part: Partial<ElectrolysisState>) =>
    setState((before) => ({ ...before, ...part }));
  return (
    <StudyFrame
      title="Electrolysis"
      settings={{
        label: 'What is set',
        children: <CellSettings state={state} onChange={change} />,
      }}
      answer={{
        label: 'A new run',
        children: (
          <>
            <ElectrolysisTabs />
            <NewRun state={state} />
          </>
        ),
      }}
      reasons={{
        label: 'Runs on record',
        children: !runs ? (
          <LoadState error={error} retry={() => void refetch()} />
        ) : runs.length === 0 ? (
          <Text className="quiet">
            No run is on record yet. Set the cell on the left, name the run and begin: readings,
            weighings and what was seen are then kept line by line.
          </Text>
        ) : (
          <nav aria-label="Runs">
            <Text fw={600} mb="xs">
              Runs on record
            </Text>
            {runs.map((run) => (
              <Link
                key={run.id}
                to={`/electrolysis/runs/${run.id}`}
                className={`tappable ${classes.run}`}
              >
                <strong>{run.name}</strong>
                <span className="quiet">
                  {run.setup.cell.cathode} and {run.setup.cell.anode},{' '}
                  {formatNumber(run.setup.plannedA)} A
                </span>
              </Link>
            ))}
          </nav>
        ),
      }}
    />
  );
}

/** The metal whose mass is followed, by what plus is made of or what the solution holds. */
function likelyMetal({ anode, salts }: ElectrolysisState): string {
  const own = depositMetals.find(({ metal }) => metal === findElectrode(anode).formula)?.metal;
  const dissolved = depositMetals.find(({ metal }) =>
    salts.some(({ substance }) => new RegExp(`^${metal}(?![a-z])`).test(substance)),
  )?.metal;
  return own ?? dissolved ?? '';
}

function NewRun({ state }: { state: ElectrolysisState }) {
  const navigate = useNavigate();
  const [save, { isLoading }] = useSaveCellMutation();
  const [name, setName] = useState('');
  const [chosen, setChosen] = useState<string | null>();
  const [everyMin, setEveryMin] = useState<number | string>(5);
  const [reference, setReference] = useState<ReferenceElectrodeId>('silverChloride');
  const [problem, setProblem] = useState<Failure>();
  const metal = chosen === undefined ? likelyMetal(state) : (chosen ?? '');
  const begin = async () => {
    setProblem(undefined);
    try {
      const run: CellRun = parseInput(cellRunSchema, {
        id: crypto.randomUUID(),
        name,
        madeAt: new Date().toISOString(),
        setup: {
          cell: requestOf(state),
          gapCm: state.gapCm === '' ? usualGapCm : state.gapCm,
          metal: metal === '' ? null : metal,
          electrons: depositMetals.find((one) => one.metal === metal)?.electrons ?? 1,
          plannedA: state.currentA === '' ? undefined : state.currentA,
          everyS: Math.round(Number(everyMin) * 60),
          reference,
        },
      });
      await save(run).unwrap();
      await navigate(`/electrolysis/runs/${run.id}`);
    } catch (error) {
      setProblem(
        error instanceof ChemistryError
          ? { message: error.message, remedy: error.remedy }
          : explainError(error),
      );
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void begin();
      }}
    >
      <TextInput
        label="Name of the run"
        placeholder="Zinc, second bath…"
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <RunFields
        metal={metal}
        everyMin={everyMin}
        reference={reference}
        setChosen={setChosen}
        setEveryMin={setEveryMin}
        setReference={setReference}
      />
      {problem && (
        <Alert variant="outline" color="red" title="Not begun" role="alert" mt="sm">
          {problem.message} {problem.remedy}
        </Alert>
      )}
      <Button type="submit" mt="md" disabled={isLoading}>
        Begin the run
      </Button>
    </form>
  );
}

interface RunFieldsProps {
  readonly metal: string;
  readonly everyMin: string | number;
  readonly reference: ReferenceElectrodeId;
  readonly setChosen: (next: string | null | undefined) => void;
  readonly setEveryMin: (next: string | number) => void;
  readonly setReference: (next: ReferenceElectrodeId) => void;
}

/** The current that is planned, and what the voltages are read against. */
function RunFields({
  metal,
  everyMin,
  reference,
  setChosen,
  setEveryMin,
  setReference,
}: RunFieldsProps) {
  return (
    <>
      <div className={classes.pair}>
        <Select
          label="Metal that is weighed"
          clearable
          placeholder="none, gas only"
          value={metal === '' ? null : metal}
          data={depositMetals.map((one) => one.metal)}
          onChange={setChosen}
        />
        <NumberField
          label="A reading every, min"
          min={0.1}
          value={everyMin}
          onChange={setEveryMin}
        />
      </div>
      <Select
        label="Reference electrode for half-cells"
        mt="sm"
        value={reference}
        data={Object.entries(referenceElectrodes).map(([value, { name: label }]) => ({
          value,
          label,
        }))}
        onChange={(value) => setReference((value ?? reference) as ReferenceElectrodeId)}
      />
    </>
  );
}
