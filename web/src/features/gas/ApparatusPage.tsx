import { Alert, Button, Group, SegmentedControl, Select, Switch, Text } from '@mantine/core';
import {
  drawingSvg,
  dryingFor,
  labelText,
  orderOfWork,
  washingFor,
} from '@stoichos/core/studies/gas';
import type { LabelStyle, Apparatus, Route, CollectionMethod } from '@stoichos/core/studies/gas';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { PrintButton } from '../../shared/parts/PrintButton';
import { save } from '../../shared/parts/save';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { ApparatusDrawing } from './ApparatusDrawing';
import { apparatusOf } from './apparatusOf';
import classes from './Gases.module.css';
import { GasTabs } from './GasTabs';
import { LookingUp } from './LookingUp';
import { useSettings } from '../../data/settings/useSettings';
import { useGasState } from './gasState';
import { MakeSettings } from './MakeSettings';
import { made } from './useMade';
import { chosenRoute, useRoutes } from './useRoutes';
import type { GasState } from './gasState';

/** The assembled apparatus, drawn from what was chosen, with its checklist and the order of stopping. */
export function ApparatusPage() {
  const { dropsPerMl } = useSettings();
  const { state, change } = useGasState();
  const { routes, failure, share, cancel } = useRoutes(state);
  const route = routes && chosenRoute(routes, state);
  const method = useMemo(
    () => route && made(state, route, dropsPerMl).method,
    [state, route, dropsPerMl],
  );
  const apparatus = useMemo(
    () => (route && method ? apparatusOf(state, route, method) : undefined),
    [state, route, method],
  );
  return (
    <StudyFrame
      title="Gases"
      tools={<PrintButton />}
      settings={{
        label: 'What is set',
        children: <ApparatusSettings state={state} route={route} method={method} change={change} />,
      }}
      answer={{
        label: 'The apparatus',
        children: (
          <>
            <GasTabs />
            <LookingUp
              failure={failure}
              share={share}
              cancel={cancel}
              done={routes !== undefined}
            />
            {routes && !apparatus && (
              <Alert variant="outline" color="gray" title="Nothing to draw" role="alert">
                {route?.electrolysis
                  ? 'A current makes it: the Electrolysis study draws the cell.'
                  : 'Nothing here gives it.'}{' '}
                <Link to="/gases">Choose another route</Link>.
              </Alert>
            )}
            {apparatus && <ApparatusSheet state={state} apparatus={apparatus} change={change} />}
          </>
        ),
      }}
      reasons={{
        label: 'Checked before the gas is made',
        children: apparatus ? (
          <>
            <Text fw={600}>Checked, part by part</Text>
            <ul className={classes.plain} data-testid="checklist">
              {apparatus.checklist.map((line) => (
                <li key={line}>
                  <Formula text={line} wrap />
                </li>
              ))}
            </ul>
            <Text fw={600} mt="sm">
              In this order
            </Text>
            <ol className={classes.plain} data-testid="order">
              {orderOfWork(route?.heatedToC !== undefined, method ?? 'overWater').map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ol>
            <Text size="sm" className="quiet">
              Put into a lab day under Make and collect, these steps are held in order at the bench.
            </Text>
          </>
        ) : (
          <Text className="quiet">What to look at on each part appears here.</Text>
        ),
      }}
    />
  );
}

/** The drawing, its labels, and their key. */
function ApparatusSheet({
  state,
  apparatus,
  change,
}: {
  readonly state: GasState;
  readonly apparatus: Apparatus;
  readonly change: (part: Partial<GasState>) => void;
}) {
  const svg = (labels: LabelStyle) => {
    const text = drawingSvg(apparatus.drawing, labels, apparatus.title);
    save(
      new Blob([text], { type: 'image/svg+xml' }),
      `${state.gas} apparatus${labels === 'blank' ? ', blank' : ''}.svg`,
    );
  };
  return (
    <>
      <Text fw={600} my="xs">
        <Formula text={apparatus.title} wrap />
      </Text>
      <ApparatusDrawing apparatus={apparatus} labels={state.labels} />
      <Group mt="sm" className="no-print" align="flex-end">
        <SegmentedControl
          aria-label="Labels"
          value={state.labels}
          data={[
            { value: 'named', label: 'Named' },
            { value: 'blank', label: 'Blank, for the class' },
          ]}
          onChange={(labels) => change({ labels: labels })}
        />
        <Button variant="default" onClick={() => svg(state.labels)}>
          SVG
        </Button>
      </Group>
      {state.labels === 'blank' && (
        <section className={classes.page} aria-label="Key to the labels">
          <Text fw={600} mt="md">
            Key
          </Text>
          <ol data-testid="label-key">
            {apparatus.drawing.labels.map((label) => (
              <li key={label.number}>
                <Formula text={labelText(label, 'named').replace(/^\d+ /, '')} wrap />
              </li>
            ))}
          </ol>
        </section>
      )}
    </>
  );
}

interface ApparatusSettingsProps {
  readonly state: GasState;
  readonly route: Route | undefined;
  readonly method: CollectionMethod | undefined;
  readonly change: (part: Partial<GasState>) => void;
}

/** What the gas comes from, what dries it, and how it is caught. */
function ApparatusSettings({ state, route, method, change }: ApparatusSettingsProps) {
  const washes = route ? washingFor(route).washings : [];
  return (
    <>
      <MakeSettings state={state} route={route} method={method} onChange={change} />
      <Select
        label="Dried with"
        mt="md"
        clearable
        placeholder="not dried"
        value={state.drying === '' ? null : state.drying}
        data={dryingFor(state.gas).map(({ name, ok, why }) => ({
          value: name,
          label: ok ? name : `${name}: no, ${why}`,
          disabled: !ok,
        }))}
        onChange={(drying) => change({ drying: drying ?? '' })}
      />
      {washes.length > 0 && (
        <Switch
          mt="md"
          label={`Washed with ${washes.map((one) => one.with).join(', ')}`}
          checked={state.wash}
          onChange={(event) => change({ wash: event.currentTarget.checked })}
        />
      )}
    </>
  );
}
