import { Box, Button, Text, TextInput } from '@mantine/core';
import { sourceText } from '@stoichos/core/matter/substances';
import {
  collectionOf,
  dryingFor,
  findRoutes,
  gasCautions,
  gasName,
  gradesSource,
  paceSource,
  proofOf,
  routeNotesSource,
} from '@stoichos/core/studies/gas';
import { useState } from 'react';
import { Link } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { attempt } from '@stoichos/core/common';
import classes from './Gases.module.css';
import { GasPicker } from './GasPicker';
import { GasFrame } from './GasFrame';
import { useGas, useGasAddress } from './useGas';
import { RouteCard } from './RouteCard';
import type { Route } from '@stoichos/core/studies/gas';
import { useRoutes } from './useRoutes';
import { atMostFigures, withPlaces, formatSetTemperature } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

/** Which reagents for a gas: those that go, the best first, and those that do not, with the reason. */
export function RoutesPage() {
  useGasAddress();
  const { state, change } = useGas();
  const { routes, taken, search, shelfIsMissing, shelfIsEmpty } = useRoutes();
  const take = (id: string) => change({ routeId: { ...state.routeId, [state.gas]: id } });
  return (
    <GasFrame
      settings={{
        label: 'What is set',
        children: (
          <>
            <GasPicker withShelf />
            <GasFacts gas={state.gas} />
          </>
        ),
      }}
      answer={{
        label: 'Routes to the gas',
        children: (
          <>
            {shelfIsMissing && (
              <Text role="alert" my="sm">
                The shelf cannot be read now. Look through anything, or name a list.
              </Text>
            )}
            {shelfIsEmpty && (
              <Text role="status" my="sm">
                There is no jar on the shelf yet, so every reagent in the tables is looked through.
              </Text>
            )}
            {search}
            {routes && <RouteList gas={state.gas} routes={routes} taken={taken} onTake={take} />}
          </>
        ),
      }}
      reasons={{
        label: 'Proof, drying, sources',
        children: <RouteReasons gas={state.gas} />,
      }}
    />
  );
}

/** Routes that are shown before the rest is asked for. */
const firstShown = 5;

function summary(gas: string, going: number, poor: number, not: number): string {
  if (going + poor + not === 0)
    return `Nothing here gives ${gasName(gas)}, and nothing comes near it. Look through anything.`;
  const count = (n: number, words: string) => (n > 0 ? [`${n} ${words}`] : []);
  const name = gasName(gas);
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}: ${[...count(going, going === 1 ? 'goes well' : 'go well'), ...count(poor, 'badly'), ...count(not, 'not at all')].join(', ')}.`;
}

function GasFacts({ gas }: { gas: string }) {
  const facts = attempt(() => collectionOf(gas, { temperatureC: 25, pressureKPa: 101.325 }));
  if ('problem' in facts) return null;
  return (
    <Box component="dl" className="facts" mt="md">
      <dt>Molar mass</dt>
      <dd>{withPlaces(facts.molarMassGPerMol, 2)} g/mol</dd>
      <dt>Density</dt>
      <dd>
        {withPlaces(facts.densityGPerL, 2)} g/L at {formatSetTemperature(25)},{' '}
        {withPlaces(facts.densityRatio, 2)} of air
      </dd>
      <dt>In water</dt>
      <dd>{atMostFigures(facts.solubilityMlPerMl, 2)} mL a mL</dd>
    </Box>
  );
}

interface RouteListProps {
  readonly gas: string;
  readonly routes: readonly Route[];
  readonly taken: Route | undefined;
  readonly onTake: (id: string) => void;
}

/** The routes by how they go, the best first, and a way to look for one. */
function RouteList({ gas, routes, taken, onTake }: RouteListProps) {
  const [asked, setAsked] = useState('');
  const found = findRoutes(routes, asked);
  const going = found.filter(({ verdict }) => verdict === 'valid');
  const poor = found.filter(({ verdict }) => verdict === 'poor');
  const not = found.filter(({ verdict }) => verdict === 'refused' || verdict === 'notPredicted');
  const card = (route: Route) => (
    <RouteCard
      key={route.id}
      route={route}
      taken={route.id === taken?.id}
      onTake={() => onTake(route.id)}
    />
  );
  return (
    <div data-testid="routes">
      {routes.length > firstShown && (
        <TextInput
          label="Only with"
          placeholder="A reagent, heat, a current"
          mb="xs"
          className="no-print"
          value={asked}
          onChange={(event) => setAsked(event.currentTarget.value)}
        />
      )}
      <Text className="quiet" role="status">
        {asked !== '' && found.length === 0
          ? `None of the ${routes.length} is with “${asked}”.`
          : summary(gas, going.length, poor.length, not.length)}
      </Text>
      {going.slice(0, firstShown).map(card)}
      {going.length > firstShown && (
        <Fold title={`${going.length - firstShown} more that go well`}>
          {going.slice(firstShown).map(card)}
        </Fold>
      )}
      {poor.length > 0 && (
        <Fold title={`${poor.length} that go badly, and why`} open={going.length === 0}>
          {poor.map(card)}
        </Fold>
      )}
      {not.length > 0 && (
        <Fold title={`${not.length} that do not, and why`} open={not.length <= 6}>
          {not.map((route) => (
            <RouteCard key={route.id} route={route} taken={false} />
          ))}
        </Fold>
      )}
      {taken && (
        <Button variant="filled" component={Link} to="/gases/make" mt="md" className="no-print">
          How much, and how it is collected
        </Button>
      )}
    </div>
  );
}

/** How the gas is proved and dried, what needs care, and what the judgement of routes rests on. */
function RouteReasons({ gas }: { readonly gas: string }) {
  const proof = proofOf(gas);
  return (
    <>
      {proof && (
        <>
          <Text fw={600}>Proved by</Text>
          <Text mb="sm" data-testid="proof">
            {proof.method}: {proof.positive}
            {proof.but && <span className="quiet"> ({proof.but})</span>}
          </Text>
        </>
      )}
      <Text fw={600}>Dried with</Text>
      <ul className={classes.plain}>
        {dryingFor(gas).map(({ name, ok, why }) => (
          <li key={name}>
            {ok ? name : <s>{name}</s>}
            {!ok && (
              <span className="quiet">
                : <Formula text={why} wrap />
              </span>
            )}
          </li>
        ))}
      </ul>
      <Text fw={600} mt="sm">
        Mind
      </Text>
      {gasCautions(gas).map((text) => (
        <Text key={text} size="sm">
          {text}
        </Text>
      ))}
      <Fold title="How routes are judged">
        <Text size="sm">
          The engine brings the reagents together in bench amounts: whether the gas comes, how much
          of it stays in the liquid, what comes with it, whether a crust stops it. Heating dry
          solids and the reactions it does not follow stand in tables. Safety counts four times, a
          steady stream and a pure gas twice, cost and waste once.
        </Text>
        {[gradesSource, paceSource, routeNotesSource].map((source) => (
          <Text key={sourceText(source)} size="sm" className="quiet">
            <Cited source={source} />
          </Text>
        ))}
      </Fold>
    </>
  );
}
