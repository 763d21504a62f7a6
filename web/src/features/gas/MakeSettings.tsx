import { Select, Text } from '@mantine/core';
import { plainFormula } from '@stoichos/core/matter/formula';
import { caughtIn, collectionNames, routeTitle } from '@stoichos/core/studies/gas';
import type { CollectionMethod, Route, RouteReagent, TypedGas } from '@stoichos/core/studies/gas';
import { Link } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { Amounts } from '../../shared/study/Amounts';
import study from '../../shared/study/Study.module.css';
import { GasPicker } from './GasPicker';
import { useGas } from './useGas';

interface MakeSettingsProps {
  readonly route: Route | undefined;
  readonly method: CollectionMethod | undefined;
}

/** What is caught in what, of which route, in which room. */
export function MakeSettings({ route, method }: MakeSettingsProps) {
  const { state, change } = useGas();
  const methods = Object.entries(collectionNames).filter(([id]) => id !== 'syringe');
  const consumed = (route?.reagents ?? []).filter(
    ({ role, substance }) => role === undefined && substance !== 'H2O',
  );
  return (
    <>
      <GasPicker />
      <Text size="sm" mt="xs">
        {route ? <Formula text={`From ${routeTitle(route)}.`} wrap /> : 'No route is taken.'}{' '}
        <Link to="/gases">Another route</Link>
      </Text>
      <Select
        label="Caught in"
        mt="md"
        value={state.catchIn}
        data={Object.entries(caughtIn).map(([value, { name }]) => ({ value, label: name }))}
        onChange={(value) => {
          const catchIn = (value ?? 'tube') as TypedGas['catchIn'];
          change({ catchIn, eachMl: caughtIn[catchIn].eachMl });
        }}
      />
      {state.catchIn !== 'syringe' && (
        <Select
          label="How"
          mt="xs"
          value={method ?? null}
          data={methods.map(([value, { name, alsoCalled }]) => ({
            value,
            label: `${name} (${alsoCalled})`,
          }))}
          onChange={(value) =>
            change({
              method: { ...state.method, [state.gas]: (value ?? 'overWater') as CollectionMethod },
            })
          }
        />
      )}
      <div className={study.pair}>
        <Amounts
          of={state}
          onChange={change}
          fields={{
            count: ['How many', '', 1],
            eachMl: ['Each', 'mL', 10],
            purityPercent: ['Pure to', '%', 1],
            apparatusMl: ['Air in apparatus', 'mL', 10],
            rateMlPerMin: ['Gas comes', 'mL/min', 5],
            vesselMl: ['Generator', 'mL', 25],
          }}
        />
      </div>
      {consumed.length > 1 && <RunsOutFirst consumed={consumed} />}
      <Fold title="Losses, excess, room and air">
        <div className={study.pair}>
          <Amounts
            of={state}
            onChange={change}
            fields={{
              lostPercent: ['Lost', '%', 5],
              excessPercent: ['Excess', '%', 5],
              runOnMl: ['Still comes', 'mL', 5],
              troughMl: ['Water in trough', 'mL', 100],
              temperatureC: ['Room', '°C', 1],
              gasTemperatureC: ['Gas arrives at', '°C', 10],
              pressureKPa: ['Air', 'kPa', 0.5],
              roomM3: ['Room', 'm³', 10],
              airChanges: ['Air changes an hour', '', 1],
            }}
          />
        </div>
      </Fold>
    </>
  );
}

/** Which reagent the others are in excess of. */
function RunsOutFirst({ consumed }: { readonly consumed: readonly RouteReagent[] }) {
  const { state, change } = useGas();
  return (
    <Select
      label="Runs out first"
      mt="xs"
      clearable
      placeholder="the first solid"
      value={state.limiting[state.gas] ?? null}
      data={consumed.map(({ substance }) => ({
        value: substance,
        label: plainFormula(substance),
      }))}
      onChange={(substance) => {
        const others = Object.entries(state.limiting).filter(([gas]) => gas !== state.gas);
        change({
          limiting: Object.fromEntries([
            ...others,
            ...(substance ? [[state.gas, substance] as const] : []),
          ]),
        });
      }}
    />
  );
}
