import { Alert, Button, Text } from '@mantine/core';
import { electrolysisProcedure } from '@stoichos/core/studies/electrolysis';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { Mind } from '../../shared/chemistry/Mind';
import { Fold } from '../../shared/parts/Fold';
import { PrintButton } from '../../shared/parts/PrintButton';
import { AttachToDay } from '../../shared/study/AttachToDay';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { asTime } from '../../shared/study/asAmount';
import { CellCourse } from './CellCourse';
import { CellPicture } from './CellPicture';
import { CellSettings } from './CellSettings';
import { cautionsOf } from './cautionsOf';
import { DropPanel } from './DropPanel';
import classes from '../../shared/study/Study.module.css';
import { ElectrodeCard } from './ElectrodeCard';
import { ElectrolysisTabs } from './ElectrolysisTabs';
import type { ElectrolysisState } from './electrolysisState';
import { HookPanel } from './HookPanel';
import { MeltAnswer } from './MeltAnswer';
import { useStudyCell } from './useStudyCell';
import type { Predicted } from './useStudyCell';
import { WhyElectrodes } from './WhyElectrodes';
import { atMostFigures } from '@stoichos/core/common';
import type { CellCurrent, PredictedCell, CellRequest } from '@stoichos/core/studies/electrolysis';
import type { Procedure } from '@stoichos/core/planning/procedure';

/** What comes off at each electrode of a cell, and why. */
export function PredictPage() {
  const { state, change, asked, problem, isMelt, ready, isBusy } = useStudyCell();
  return (
    <StudyFrame
      title="Electrolysis"
      tools={<PrintButton />}
      settings={{
        label: 'What is set',
        children: <CellSettings state={state} onChange={change} />,
      }}
      answer={{
        label: 'What comes off at each electrode',
        children: (
          <>
            <ElectrolysisTabs />
            {problem && (
              <Alert variant="outline" color="red" title="Not run" role="alert">
                <Formula text={`${problem.message} ${problem.remedy}`} wrap />
              </Alert>
            )}
            {isMelt && 'request' in asked && (
              <MeltAnswer request={asked.request} current={asked.current} />
            )}
            {ready ? (
              <div aria-busy={isBusy}>
                <Answer {...ready} state={state} onChange={change} />
              </div>
            ) : (
              isBusy &&
              !problem && (
                <Text role="status" className="quiet">
                  Calculating the cell…
                </Text>
              )
            )}
          </>
        ),
      }}
      reasons={{
        label: 'Why, with the potentials',
        children: ready ? (
          <WhyElectrodes cell={ready.cell} />
        ) : (
          <Text className="quiet">
            {isMelt
              ? 'In a melt only the ions of the salt are there, so there is nothing to choose between.'
              : 'Every process that could go at each electrode, with its potential, appears here.'}
          </Text>
        ),
      }}
    />
  );
}

interface AnswerProps extends Predicted {
  readonly state: ElectrolysisState;
  readonly onChange: (part: Partial<ElectrolysisState>) => void;
}

function Answer({ request, current, cell, view, state, onChange }: AnswerProps) {
  const minutes = (current.timeS ?? 600) / 60;
  const currentA = current.currentA ?? cell.densityAPerCm2 * cell.areaCm2;
  const procedure = useMemo(
    () =>
      electrolysisProcedure({
        id: 'electrolysis',
        name: `A current through ${request.electrolyte instanceof Array ? request.electrolyte.map(({ substance }) => substance).join(' and ') : ''}, ${cell.cathode.electrode.material} and ${cell.anode.electrode.material}`.slice(
          0,
          100,
        ),
        request,
        cell,
        currentA,
        minutes,
      }),
    [request, cell, currentA, minutes],
  );
  return (
    <>
      <div className={classes.picture}>
        <CellPicture view={view} />
        <Text size="sm" className="quiet">
          after {asTime(minutes * 60)} at {atMostFigures(currentA, 3)} A
        </Text>
      </div>
      <div className={classes.electrodes}>
        <ElectrodeCard
          sign="Minus"
          word="cathode"
          electrode={cell.cathode}
          nearHex={view.cathode.nearHex}
        />
        <ElectrodeCard
          sign="Plus"
          word="anode"
          electrode={cell.anode}
          nearHex={view.anode.nearHex}
        />
      </div>
      <Mind warnings={cautionsOf(cell)} />
      <div className={classes.block}>
        {cell.overall && (
          <Text data-testid="overall">
            <span className="quiet">Together:</span> <Formula text={cell.overall} wrap />
          </Text>
        )}
        <Text data-testid="remaining">
          <span className="quiet">In the liquid:</span> <Formula text={cell.remaining.words} wrap />
        </Text>
      </div>
      <div className={classes.block}>
        <CellCourse cell={cell} />
      </div>
      <WhereNext
        current={current}
        cell={cell}
        request={request}
        state={state}
        onChange={onChange}
        procedure={procedure}
      />
    </>
  );
}

interface WhereNextProps {
  readonly current: CellCurrent;
  readonly cell: PredictedCell;
  readonly request: CellRequest;
  readonly state: ElectrolysisState;
  readonly onChange: (part: Partial<ElectrolysisState>) => void;
  readonly procedure: Procedure;
}

/** Ways on from a prediction: into a lab day, or to a run. */
function WhereNext({ current, cell, request, state, onChange, procedure }: WhereNextProps) {
  return (
    <>
      <div className={`${classes.block} no-print`}>
        <Fold title="One drop under a lid: spots beside it" open={(request.volumeMl ?? 100) <= 2}>
          <DropPanel
            request={request}
            current={current}
            placed={state.spots}
            onChange={(spots) => onChange({ spots })}
          />
        </Fold>
        {!cell.anode.electrode.inert && (
          <Fold title="When the electrode at plus colours the solution">
            <HookPanel request={request} current={current} />
          </Fold>
        )}
      </div>
      <div className={classes.block}>
        <AttachToDay procedure={procedure} />
        <Button
          component={Link}
          to="/electrolysis/runs"
          variant="default"
          mt="sm"
          className="no-print"
        >
          Run this cell and record it
        </Button>
      </div>
    </>
  );
}
