import { Tabs, Text } from '@mantine/core';
import { heldIn } from '@stoichos/core/safety';
import type { Procedure, RunStep } from '@stoichos/core/planning/procedure';
import type { RackEvent, ToldStep } from '@stoichos/core/seeing/rack';
import { useState } from 'react';
import { AddPanel } from '../../shared/reagents/AddPanel';
import { DoPanel, TestPanel } from '../../shared/reagents/DoPanel';
import { VesselChoice } from '../../shared/reagents/VesselChoice';
import classes from './EditorPage.module.css';

interface AddEventProps {
  readonly vessels: Procedure['vessels'];
  /** The vessel of this step so far. */
  readonly usual: string | undefined;
  /** How the vessels stand after this step. */
  readonly runs: readonly RunStep[];
  readonly onAdd: (event: RackEvent) => void;
}

/** Adds something that is done in a step: put in, act, or test. */
export function AddEvent({ vessels, usual, runs, onAdd }: AddEventProps) {
  const [chosen, setChosen] = useState(usual ?? vessels[0]?.name ?? '');
  const vessel = vessels.some(({ name }) => name === chosen) ? chosen : (vessels[0]?.name ?? '');
  const stands = lastOf(runs, vessel);
  if (vessel === '') return <Text className="quiet">Give the procedure a vessel first.</Text>;
  return (
    <div className={classes.addEvent}>
      <div>
        <Text size="sm" fw={500} mb={2}>
          To or with
        </Text>
        <VesselChoice
          label="Vessel"
          names={vessels.map(({ name }) => name)}
          value={vessel}
          onChange={setChosen}
        />
      </div>
      <Tabs defaultValue="put">
        <Tabs.List>
          <Tabs.Tab value="put">Put in</Tabs.Tab>
          <Tabs.Tab value="do">Do</Tabs.Tab>
          <Tabs.Tab value="test">Test</Tabs.Tab>
        </Tabs.List>
        <Tabs.Panel value="put" pt="sm">
          <AddPanel
            isWritten
            vessel={vessel}
            there={stands ? heldIn(stands.state) : []}
            onAdd={(portion) => onAdd({ vessel, action: { do: 'add', portion } })}
          />
        </Tabs.Panel>
        <Tabs.Panel value="do" pt="sm">
          <DoPanel vessel={vessel} vessels={vessels.map(({ name }) => name)} attempt={onAdd} />
        </Tabs.Panel>
        <Tabs.Panel value="test" pt="sm">
          <TestPanel vessel={vessel} attempt={onAdd} />
        </Tabs.Panel>
      </Tabs>
    </div>
  );
}

function lastOf(runs: readonly RunStep[], vessel: string): ToldStep | undefined {
  return runs
    .flatMap(({ did }) => did)
    .filter((one) => one.vessel === vessel)
    .at(-1)?.told;
}
