import { Alert, Text } from '@mantine/core';
import { sourceText } from '@stoichos/core/matter/substances';
import { amountsSource, collectionSource, gasProcedure } from '@stoichos/core/studies/gas';
import type { Route } from '@stoichos/core/studies/gas';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { PrintButton } from '../../shared/parts/PrintButton';
import { AttachToDay } from '../../shared/study/AttachToDay';
import { StudyFrame } from '../../shared/study/StudyFrame';
import study from '../../shared/study/Study.module.css';
import { AmountsPanel } from './AmountsPanel';
import { apparatusOf } from './apparatusOf';
import { CollectionPanel } from './CollectionPanel';
import { FillingPanel } from './FillingPanel';
import { GasTabs } from './GasTabs';
import { LookingUp } from './LookingUp';
import { useSettings } from '../../data/settings/useSettings';
import { useGasState } from './gasState';
import type { GasState } from './gasState';
import { MakeSettings } from './MakeSettings';
import { RoomPanel } from './RoomPanel';
import { routeTitle } from './RouteCard';
import { made } from './useMade';
import type { Made } from './useMade';
import { chosenRoute, useRoutes } from './useRoutes';

/** How much of what for a volume of gas, how it is caught, when each vessel is changed, and what it does to the room. */
export function MakePage() {
  const { dropsPerMl } = useSettings();
  const { state, change } = useGasState();
  const { routes, failure, share, cancel } = useRoutes(state);
  const route = routes && chosenRoute(routes, state);
  const work = useMemo(() => route && made(state, route, dropsPerMl), [state, route, dropsPerMl]);
  return (
    <StudyFrame
      title="Gases"
      tools={<PrintButton />}
      settings={{
        label: 'What is set',
        children: (
          <MakeSettings state={state} route={route} method={work?.method} onChange={change} />
        ),
      }}
      answer={{
        label: 'How much, and when',
        children: (
          <>
            <GasTabs />
            <LookingUp
              failure={failure}
              share={share}
              cancel={cancel}
              done={routes !== undefined}
            />
            {routes && !route && (
              <Alert variant="outline" color="gray" title="Nothing to make it from" role="alert">
                Nothing here gives it. <Link to="/gases">Choose other reagents</Link>.
              </Alert>
            )}
            {route && work && (
              <>
                <Text fw={600} size="lg" mt="sm">
                  <Formula text={`${routeTitle(route)}`} wrap />
                </Text>
                {route.electrolysis ? (
                  <Text>
                    A current makes it:{' '}
                    <Link to="/electrolysis/plan">plan it as an electrolysis</Link>.
                  </Text>
                ) : (
                  <>
                    <AmountsPanel route={route} amounts={work.amounts} state={state} />
                    <FillingPanel state={state} filling={work.filling} />
                    <Attach state={state} route={route} work={work} />
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
            <CollectionPanel
              collection={work.collection}
              method={work.method}
              lost={work.lost}
              gas={state.gas}
            />
            <RoomPanel gas={state.gas} room={work.room} filling={work.filling} />
            <Fold title="Sources">
              {[collectionSource, amountsSource].map((source) => (
                <Text key={sourceText(source)} size="sm" className="quiet">
                  {sourceText(source)}
                </Text>
              ))}
            </Fold>
          </>
        ),
      }}
    />
  );
}

function Attach({ state, route, work }: { state: GasState; route: Route; work: Made }) {
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
      checklist: apparatusOf(state, route, method)?.checklist ?? [],
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
