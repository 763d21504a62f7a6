import { Button, Select, Text, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import type { Told, contracts } from '@stoichos/contract';
import { ChemistryError, formatNumber, parseInput } from '@stoichos/core/common';
import { cellRunSchema } from '@stoichos/core/labday/cells';
import { referenceElectrodes } from '@stoichos/core/matter/substances';
import {
  depositMetals,
  likelyMetal,
  requestOf,
  usualGapCm,
} from '@stoichos/core/studies/electrolysis';
import type { ReferenceElectrodeId } from '@stoichos/core/matter/substances';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useCellsQuery, useSaveCellMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import type { Failure } from '../../data/worker/chemistry';
import { LoadState } from '../../shared/parts/LoadState';
import { RestOfList } from '../../shared/parts/RestOfList';
import { NumberField } from '../../shared/parts/NumberField';
import { Refusal } from '../../shared/parts/Refusal';
import classes from '../../shared/study/Study.module.css';
import { CellFrame } from './CellFrame';
import { useElectrolysis } from './useElectrolysis';
import type { TypedNumber } from '@stoichos/core/common';

/** Runs that are recorded, and a new one from the cell of the study. */
export function RunsPage() {
  const { currentData: page, error, refetch } = useCellsQuery(undefined);
  return (
    <CellFrame
      tools={undefined}
      answer={{ label: 'A new run', children: <NewRun /> }}
      reasons={{
        label: 'Runs on record',
        children: !page ? (
          <LoadState error={error} retry={() => void refetch()} />
        ) : page.items.length === 0 ? (
          <Text className="quiet">
            No run is on record yet. Set the cell on the left, name the run and begin: readings,
            weighings and what was seen are then kept line by line.
          </Text>
        ) : (
          <nav aria-label="Runs">
            <Text fw={600} mb="xs">
              Runs on record
            </Text>
            <RunRows page={page} />
          </nav>
        ),
      }}
    />
  );
}

type RunList = Told<typeof contracts.cells>;

/** A page of runs, and the way to the next one. */
function RunRows({ page: { items, next } }: { readonly page: RunList }) {
  return (
    <>
      {items.map((run) => (
        <Link
          key={run.id}
          to={`/electrolysis/runs/${run.id}`}
          className={`tappable ${classes.run}`}
        >
          <strong>{run.name}</strong>
          <span className="quiet">
            {run.setup.cell.cathode} and {run.setup.cell.anode}, {formatNumber(run.setup.plannedA)}{' '}
            A
          </span>
        </Link>
      ))}
      <RestOfList next={next} label="Earlier runs">
        {(after) => <NextRuns after={after} />}
      </RestOfList>
    </>
  );
}

function NextRuns({ after }: { readonly after: string }) {
  const { currentData, error, refetch } = useCellsQuery(after);
  return currentData ? (
    <RunRows page={currentData} />
  ) : (
    <LoadState error={error} retry={() => void refetch()} />
  );
}

interface NewRunDraft {
  readonly name: string;
  /** The metal that is weighed; null where none is, undefined while the cell says it. */
  readonly metal: string | null | undefined;
  readonly everyMin: TypedNumber;
  readonly reference: ReferenceElectrodeId;
}

function NewRun() {
  const { state } = useElectrolysis();
  const navigate = useNavigate();
  const [save, { isLoading }] = useSaveCellMutation();
  const [problem, setProblem] = useState<Failure>();
  const form = useForm<NewRunDraft>({
    initialValues: { name: '', metal: undefined, everyMin: 5, reference: 'silverChloride' },
  });
  const { values } = form;
  const metal = values.metal === undefined ? likelyMetal(state) : (values.metal ?? undefined);
  const begin = async ({ name, everyMin, reference }: NewRunDraft) => {
    setProblem(undefined);
    try {
      const run = parseInput(cellRunSchema, {
        id: crypto.randomUUID(),
        name,
        madeAt: new Date().toISOString(),
        setup: {
          cell: requestOf(state),
          gapCm: state.gapCm === '' ? usualGapCm : state.gapCm,
          metal: metal ?? null,
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
    <form onSubmit={form.onSubmit((draft) => void begin(draft))}>
      <TextInput
        label="Name of the run"
        placeholder="Zinc, second bath…"
        {...form.getInputProps('name')}
      />
      <div className={classes.pair}>
        <Select
          label="Metal that is weighed"
          clearable
          placeholder="none, gas only"
          data={depositMetals.map((one) => one.metal)}
          {...form.getInputProps('metal')}
          value={metal ?? null}
        />
        <NumberField label="A reading every, min" min={0.1} {...form.getInputProps('everyMin')} />
      </div>
      <Select
        label="Reference electrode for half-cells"
        mt="sm"
        data={Object.entries(referenceElectrodes).map(([value, { name: label }]) => ({
          value,
          label,
        }))}
        {...form.getInputProps('reference')}
      />
      <Refusal title="Not begun" of={problem} />
      <Button variant="filled" type="submit" mt="md" disabled={isLoading}>
        Begin the run
      </Button>
    </form>
  );
}
