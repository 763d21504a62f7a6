import { Button, Text } from '@mantine/core';
import { atMostFigures, formatDuration } from '@stoichos/core/common';
import { cellCautions, electrolysisProcedure } from '@stoichos/core/studies/electrolysis';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { Mind } from '../../shared/chemistry/Mind';
import { Fold } from '../../shared/parts/Fold';
import { Refusal } from '../../shared/parts/Refusal';
import { AttachToDay } from '../../shared/study/AttachToDay';
import classes from '../../shared/study/Study.module.css';
import { CellCourse } from './CellCourse';
import { CellFrame } from './CellFrame';
import { CellPicture } from './CellPicture';
import { DropPanel } from './DropPanel';
import { ElectrodeCard } from './ElectrodeCard';
import { HookPanel } from './HookPanel';
import { MeltAnswer } from './MeltAnswer';
import { useStudyCell } from './useStudyCell';
import type { Predicted } from './useStudyCell';
import { WhyElectrodes } from './WhyElectrodes';

/** What comes off at each electrode of a cell, and why. */
export function PredictPage() {
  const { problem, melt, ready, isBusy } = useStudyCell();
  return (
    <CellFrame
      answer={{
        label: 'What comes off at each electrode',
        children: (
          <>
            <Refusal title="Not run" of={problem} />
            {melt && <MeltAnswer {...melt} />}
            {ready ? (
              <div aria-busy={isBusy}>
                <Answer {...ready} />
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
            {melt
              ? 'In a melt only the ions of the salt are there, so there is nothing to choose between.'
              : 'Every process that could go at each electrode, with its potential, appears here.'}
          </Text>
        ),
      }}
    />
  );
}

function Answer({ request, current, cell, view }: Predicted) {
  const minutes = (current.timeS ?? 600) / 60;
  const currentA = current.currentA ?? cell.densityAPerCm2 * cell.areaCm2;
  const procedure = useMemo(
    () => electrolysisProcedure({ id: 'electrolysis', request, cell, currentA, minutes }),
    [request, cell, currentA, minutes],
  );
  return (
    <>
      <div className={classes.picture}>
        <CellPicture view={view} />
        <Text size="sm" className="quiet">
          after {formatDuration(minutes * 60)} at {atMostFigures(currentA, 3)} A
        </Text>
      </div>
      <div className={classes.electrodes}>
        {(['cathode', 'anode'] as const).map((side) => (
          <ElectrodeCard
            key={side}
            side={side}
            electrode={cell[side]}
            nearHex={view[side].nearHex}
          />
        ))}
      </div>
      <Mind warnings={cellCautions(cell)} />
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
        <CellCourse course={cell.run.course} />
      </div>
      <div className={`${classes.block} no-print`}>
        <Fold title="One drop under a lid: spots beside it" open={(request.volumeMl ?? 100) <= 2}>
          <DropPanel request={request} current={current} />
        </Fold>
        {!cell.anode.electrode.inert && (
          <Fold title="When the electrode at plus colours the solution">
            <HookPanel request={request} current={current} />
          </Fold>
        )}
      </div>
      <div className={classes.block}>
        <AttachToDay procedure={procedure} />
        <Button component={Link} to="/electrolysis/runs" mt="sm" className="no-print">
          Run this cell and record it
        </Button>
      </div>
    </>
  );
}
