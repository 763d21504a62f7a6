import { Button, Text } from '@mantine/core';
import { cellMass } from '@stoichos/core/labday/cells';
import { referenceElectrodes } from '@stoichos/core/matter/substances';
import type { CellRunWithRecord } from '@stoichos/core/labday/cells';
import { Link, useParams } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { LoadState } from '../../shared/parts/LoadState';
import { PrintButton } from '../../shared/parts/PrintButton';
import classes from '../../shared/study/Study.module.css';
import { CellFrame } from './CellFrame';
import { JudgeRun } from './JudgeRun';
import { LogChart } from './LogChart';
import { LogPanel } from './LogPanel';
import { LogTable } from './LogTable';
import { MassPanel } from './MassPanel';
import { SeenPanel } from './SeenPanel';
import { useCellRun } from './useCellRun';
import { VoltagePanel } from './VoltagePanel';
import { atMostFigures, formatNumber } from '@stoichos/core/common';

/** One run: its log as it grows, its weighings, and what they say. */
export function RunPage() {
  const { runId = '' } = useParams();
  const { run, log, error, refetch, write } = useCellRun(runId);
  if (!run) return <LoadState error={error} retry={() => void refetch()} />;
  const { setup } = run;
  return (
    <CellFrame
      title={run.name}
      tools={
        <>
          <Button component={Link} to="/electrolysis/runs">
            All runs
          </Button>
          <PrintButton />
        </>
      }
      settings={{
        label: 'The cell and its electrodes',
        children: (
          <>
            <SetUp run={run} />
            {setup.metal && <MassPanel run={run} write={write} />}
            <SeenPanel run={run} write={write} />
          </>
        ),
      }}
      answer={{
        label: 'The log',
        children: (
          <>
            <div className={classes.paper}>
              <SetUp run={run} />
              <Weighings run={run} />
            </div>
            <LogPanel run={run} log={log} write={write} />
            <LogChart log={log} plannedA={setup.plannedA} />
            <LogTable run={run} write={write} />
          </>
        ),
      }}
      reasons={{
        label: 'What the numbers say',
        children: (
          <>
            <JudgeRun run={run} />
            <VoltagePanel run={run} log={log} />
          </>
        ),
      }}
    />
  );
}

/** What the run is of, in a few lines. */
function SetUp({ run: { setup } }: { run: CellRunWithRecord }) {
  const { cell, plannedA, reference } = setup;
  return (
    <>
      <Text>
        {'molten' in cell.electrolyte ? (
          <>
            molten <Formula text={cell.electrolyte.molten} />
          </>
        ) : (
          cell.electrolyte.map(({ substance, concentrationM }, at) => (
            <span key={substance}>
              {at > 0 && ', '}
              <Formula text={substance} /> {formatNumber(concentrationM)} mol/L
            </span>
          ))
        )}
      </Text>
      <Text size="sm">
        {cell.cathode} at minus, {cell.anode} at plus; {formatNumber(plannedA)} A planned
        {cell.areaCm2 === undefined
          ? ''
          : `, ${atMostFigures((plannedA / cell.areaCm2) * 1000, 3)} mA/cm²`}
        ; half-cells against {referenceElectrodes[reference].name}.
      </Text>
    </>
  );
}

/** The weighings on paper, where no fields are. */
function Weighings({ run }: { run: CellRunWithRecord }) {
  const words = (['cathode', 'anode'] as const).flatMap((electrode) => {
    const [before, after] = [
      cellMass(run.entries, electrode, 'before'),
      cellMass(run.entries, electrode, 'after'),
    ];
    return before === undefined
      ? []
      : [
          `${electrode === 'cathode' ? 'Minus' : 'Plus'} ${formatNumber(before)} g before${after === undefined ? '' : `, ${formatNumber(after)} g after`}`,
        ];
  });
  return words.length > 0 ? <Text size="sm">{words.join('; ')}.</Text> : null;
}
