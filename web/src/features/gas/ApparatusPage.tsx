import { Alert, Button, Group, Select, Switch, Text } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import {
  apparatusFor,
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
import { save } from '../../shared/parts/save';
import { ApparatusDrawing } from './ApparatusDrawing';
import classes from './Gases.module.css';
import { GasFrame } from './GasFrame';
import { useGas, useGasAddress } from './useGas';
import { MakeSettings } from './MakeSettings';
import { usePlanned } from './usePlanned';
import { useRoutes } from './useRoutes';

/** The assembled apparatus, drawn from what was chosen, with its checklist and the order of stopping. */
export function ApparatusPage() {
  useGasAddress();
  const { state } = useGas();
  const { routes, taken: route, search } = useRoutes();
  const method = usePlanned(route)?.method;
  const apparatus = useMemo(
    () => (route && method ? apparatusFor(state, route, method) : undefined),
    [state, route, method],
  );
  return (
    <GasFrame
      settings={{
        label: 'What is set',
        children: <ApparatusSettings route={route} method={method} />,
      }}
      answer={{
        label: 'The apparatus',
        children: (
          <>
            {search}
            {routes && !apparatus && (
              <Alert title="Nothing to draw" role="alert">
                {route?.electrolysis
                  ? 'A current makes it: the Electrolysis study draws the cell.'
                  : 'Nothing here gives it.'}{' '}
                <Link to="/gases">Choose another route</Link>.
              </Alert>
            )}
            {apparatus && <ApparatusSheet apparatus={apparatus} />}
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
              {orderOfWork(
                route?.heatedToC !== undefined,
                method ?? 'overWater',
                route?.reagents,
              ).map((line) => (
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
function ApparatusSheet({ apparatus }: { readonly apparatus: Apparatus }) {
  const { state, change } = useGas();
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
        <Segments
          label="Labels"
          value={state.labels}
          of={{ named: 'Named', blank: 'Blank, for the class' }}
          onChange={(labels) => change({ labels })}
        />
        <Button onClick={() => svg(state.labels)}>SVG</Button>
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
  readonly route: Route | undefined;
  readonly method: CollectionMethod | undefined;
}

/** What the gas comes from, what dries it, and how it is caught. */
function ApparatusSettings({ route, method }: ApparatusSettingsProps) {
  const { state, change } = useGas();
  const washes = route ? washingFor(route).washings : [];
  return (
    <>
      <MakeSettings route={route} method={method} />
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
