import { Alert, Text } from '@mantine/core';
import { sourceText } from '@stoichos/core/matter/substances';
import {
  amountsSource,
  apparatusFor,
  collectionSource,
  gasProcedure,
  routeTitle,
} from '@stoichos/core/studies/gas';
import type { GasPlanned, Route } from '@stoichos/core/studies/gas';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { AttachToDay } from '../../shared/study/AttachToDay';
import study from '../../shared/study/Study.module.css';
import { AmountsPanel } from './AmountsPanel';
import { CollectionPanel } from './CollectionPanel';
import { FillingPanel } from './FillingPanel';
import { GasFrame } from './GasFrame';
import { useGas, useGasAddress } from './useGas';
import { MakeSettings } from './MakeSettings';
import { RoomPanel } from './RoomPanel';
import { usePlanned } from './usePlanned';
import { useRoutes } from './useRoutes';
import { Cited } from '../../shared/parts/Cited';

/** How much of what for a volume of gas, how it is caught, when each vessel is changed, and what it does to the room. */
export function MakePage() {
  useGasAddress();
  const { routes, taken: route, search } = useRoutes();
  const work = usePlanned(route);
  return (
    <GasFrame
      settings={{
        label: 'What is set',
        children: <MakeSettings route={route} method={work?.method} />,
      }}
      answer={{
        label: 'How much, and when',
        children: (
          <>
            {search}
            {routes && !route && (
              <Alert title="Nothing to make it from" role="alert">
                Nothing here gives it. <Link to="/gases">Choose other reagents</Link>.
              </Alert>
            )}
            {route && work && (
              <>
                <Text fw={600} size="lg" mt="sm">
                  <Formula text={routeTitle(route)} wrap />
                </Text>
                {route.electrolysis ? (
                  <Text>
                    A current makes it:{' '}
                    <Link to="/electrolysis/plan">plan it as an electrolysis</Link>.
                  </Text>
                ) : (
                  <>
                    <AmountsPanel route={route} amounts={work.amounts} />
                    <FillingPanel filling={work.filling} />
                    <Attach route={route} work={work} />
                  </>
                )}
              </>
            )}
          </>
        ),
      }}
      reasons={{
        label: 'Why so collected, and the air of the room',
        children: work && (
          <>
            <CollectionPanel collection={work.collection} method={work.method} lost={work.lost} />
            <RoomPanel room={work.room} filling={work.filling} />
            <Fold title="Sources">
              {[collectionSource, amountsSource].map((source) => (
                <Text key={sourceText(source)} size="sm" className="quiet">
                  <Cited source={source} />
                </Text>
              ))}
            </Fold>
          </>
        ),
      }}
    />
  );
}

function Attach({ route, work }: { route: Route; work: GasPlanned }) {
  const { state } = useGas();
  const { amounts, filling, method } = work;
  const procedure = useMemo(() => {
    if ('problem' in amounts || 'problem' in filling || amounts.vessel?.fits === false)
      return undefined;
    return gasProcedure({
      id: 'gas',
      name: `${state.gas} from ${routeTitle(route)}`,
      route,
      amounts,
      method,
      checklist: apparatusFor(state, route, method)?.checklist ?? [],
      discardMl: filling.discard.mixed,
      count: state.count === '' ? 1 : state.count,
      eachMl: state.eachMl === '' ? 1 : state.eachMl,
      reagents: state.reagents,
      minutes: filling.minutes,
    });
  }, [state, route, amounts, filling, method]);
  return (
    <div className={study.block}>
      <Text size="sm" className="quiet no-print" mb="xs">
        In a lab day the order is held: what must be ready, the tube out before the heat goes. What
        is seen with the reagents chosen under Properties is recorded and judged there.
      </Text>
      <AttachToDay procedure={procedure} />
    </div>
  );
}
