import { Select, Text } from '@mantine/core';
import { plainFormula } from '@stoichos/core/matter/formula';
import { collectionNames } from '@stoichos/core/studies/gas';
import type { CollectionMethod, Route } from '@stoichos/core/studies/gas';
import { Link } from 'react-router';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { Amount } from '../../shared/study/Amount';
import study from '../../shared/study/Study.module.css';
import { GasPicker } from './GasPicker';
import type { GasState } from './gasState';
import { routeTitle } from './RouteCard';

interface MakeSettingsProps {
  readonly state: GasState;
  readonly route: Route | undefined;
  readonly method: CollectionMethod | undefined;
  readonly onChange: (part: Partial<GasState>) => void;
}

const things = {
  tube: { name: 'Test tubes', eachMl: 30 },
  jar: { name: 'Gas jars', eachMl: 250 },
  syringe: { name: 'Gas syringes', eachMl: 60 },
} as const;

/** What is caught in what, of which route, in which room. */
export function MakeSettings({ state, route, method, onChange }: MakeSettingsProps) {
  const methods = Object.entries(collectionNames).filter(([id]) => id !== 'syringe');
  const consumed = (route?.reagents ?? []).filter(
    ({ catalyst, substance }) => !catalyst && substance !== 'H2O',
  );
  return (
    <>
      <GasPicker state={state} onChange={onChange} />
      <Text size="sm" mt="xs">
        {route ? <Formula text={`From ${routeTitle(route)}.`} wrap /> : 'No route is taken.'}{' '}
        <Link to="/gases">Another route</Link>
      </Text>
      <Select
        label="Caught in"
        mt="md"
        value={state.catchIn}
        data={Object.entries(things).map(([value, { name }]) => ({ value, label: name }))}
        onChange={(value) => {
          const catchIn = (value ?? 'tube') as GasState['catchIn'];
          onChange({ catchIn, eachMl: things[catchIn].eachMl });
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
            onChange({
              method: { ...state.method, [state.gas]: (value ?? 'overWater') as CollectionMethod },
            })
          }
        />
      )}
      <div className={study.pair}>
        <Amount
          label="How many"
          step={1}
          value={state.count}
          onChange={(count) => onChange({ count })}
        />
        <Amount
          label="Each, mL"
          step={10}
          value={state.eachMl}
          onChange={(eachMl) => onChange({ eachMl })}
        />
        <Amount
          label="Pure to, %"
          step={1}
          value={state.purityPercent}
          onChange={(purityPercent) => onChange({ purityPercent })}
        />
        <Amount
          label="Air in apparatus, mL"
          step={10}
          value={state.apparatusMl}
          onChange={(apparatusMl) => onChange({ apparatusMl })}
        />
        <Amount
          label="Gas comes, mL/min"
          step={5}
          value={state.rateMlPerMin}
          onChange={(rateMlPerMin) => onChange({ rateMlPerMin })}
        />
        <Amount
          label="Generator, mL"
          step={25}
          value={state.vesselMl}
          onChange={(vesselMl) => onChange({ vesselMl })}
        />
      </div>
      {consumed.length > 1 && (
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
            onChange({
              limiting: Object.fromEntries([
                ...others,
                ...(substance ? [[state.gas, substance] as const] : []),
              ]),
            });
          }}
        />
      )}
      <Fold title="Losses, excess, room and air">
        <div className={study.pair}>
          <Amount
            label="Lost, %"
            step={5}
            value={state.lostPercent}
            onChange={(lostPercent) => onChange({ lostPercent })}
          />
          <Amount
            label="Excess, %"
            step={5}
            value={state.excessPercent}
            onChange={(excessPercent) => onChange({ excessPercent })}
          />
          <Amount
            label="Still comes, mL"
            step={5}
            value={state.runOnMl}
            onChange={(runOnMl) => onChange({ runOnMl })}
          />
          <Amount
            label="Water in trough, mL"
            step={100}
            value={state.troughMl}
            onChange={(troughMl) => onChange({ troughMl })}
          />
          <Amount
            label="Room, °C"
            step={1}
            value={state.temperatureC}
            onChange={(temperatureC) => onChange({ temperatureC })}
          />
          <Amount
            label="Gas arrives at, °C"
            step={10}
            value={state.gasTemperatureC}
            onChange={(gasTemperatureC) => onChange({ gasTemperatureC })}
          />
          <Amount
            label="Air, kPa"
            step={0.5}
            value={state.pressureKPa}
            onChange={(pressureKPa) => onChange({ pressureKPa })}
          />
          <Amount
            label="Room, m³"
            step={10}
            value={state.roomM3}
            onChange={(roomM3) => onChange({ roomM3 })}
          />
          <Amount
            label="Air changes an hour"
            step={1}
            value={state.airChanges}
            onChange={(airChanges) => onChange({ airChanges })}
          />
        </div>
      </Fold>
    </>
  );
}
