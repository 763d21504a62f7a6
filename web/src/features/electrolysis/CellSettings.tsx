import { ActionIcon, Button, Select } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { melts, nameOnShelf } from '@stoichos/core/matter/substances';
import { brineCell, readyCells } from '@stoichos/core/studies/electrolysis';
import type { TypedCell } from '@stoichos/core/studies/electrolysis';
import { dropNames, electrodeMaterials } from '@stoichos/core/vessel';
import { IconPlus, IconTrash } from '@tabler/icons-react';
import { useSettings } from '../../data/settings/useSettings';
import { ShelfSearch } from '../../shared/reagents/ShelfSearch';
import { Fold } from '../../shared/parts/Fold';
import classes from '../../shared/study/Study.module.css';
import { useElectrolysis } from './useElectrolysis';
import { Amount } from '../../shared/study/Amount';
import { Amounts } from '../../shared/study/Amounts';

/** What the cell is: what is in it, its electrodes, the current, its measures. */
export function CellSettings() {
  const { state, change } = useElectrolysis();
  return (
    <>
      <Select
        label="Begin with"
        placeholder="A cell…"
        mb="md"
        value={null}
        data={Object.keys(readyCells)}
        onChange={(name) => name && change({ ...brineCell, ...readyCells[name] })}
      />
      <Segments
        fullWidth
        mb="sm"
        label="Solution or melt"
        value={state.kind}
        of={{ solution: 'Solution', melt: 'Molten salt' }}
        onChange={(kind) => change({ kind })}
      />
      {state.kind === 'melt' ? <Molten /> : <Dissolved />}
      <div className={classes.pair}>
        {(['cathode', 'anode'] as const).map((side) => (
          <Select
            key={side}
            label={side === 'cathode' ? 'Minus (cathode)' : 'Plus (anode)'}
            value={state[side]}
            data={[...electrodeMaterials]}
            onChange={(material) => change({ [side]: material ?? state[side] })}
          />
        ))}
      </div>
      <div className={classes.pair}>
        <Amounts
          of={state}
          onChange={change}
          fields={{
            currentA: ['Current', 'A', 0.05],
            minutes: ['Time', 'min', 1],
          }}
        />
      </div>
      {state.kind === 'solution' && <Measures />}
    </>
  );
}

function Molten() {
  const { state, change } = useElectrolysis();
  const { naming } = useSettings();
  return (
    <Select
      label="Molten"
      searchable
      value={state.molten}
      data={melts.map(({ formula }) => ({
        value: formula,
        label: nameOnShelf(naming, formula),
      }))}
      onChange={(molten) => change({ molten: molten ?? state.molten })}
    />
  );
}

/** What is dissolved, each with its concentration. */
function Dissolved() {
  const { state, change } = useElectrolysis();
  const salt = (at: number, part: Partial<TypedCell['salts'][number]>) =>
    change({
      salts: state.salts.map((one, index) => (index === at ? { ...one, ...part } : one)),
    });
  return (
    <>
      {state.salts.map(({ substance, concentrationM }, at) => (
        <div key={at} role="group" aria-label={`Dissolved ${at + 1}`} className={classes.salt}>
          <ShelfSearch
            label={at === 0 ? 'Dissolved' : 'And'}
            value={substance}
            onlySubstances
            onChange={(next) => salt(at, { substance: next })}
          />
          <div className={classes.saltAmount}>
            <Amount
              label="mol/L"
              step={0.1}
              value={concentrationM}
              onChange={(next) => salt(at, { concentrationM: next })}
            />
            {state.salts.length > 1 && (
              <ActionIcon
                aria-label={`Leave out ${substance}`}
                onClick={() => change({ salts: state.salts.filter((_, index) => index !== at) })}
              >
                <IconTrash size={20} />
              </ActionIcon>
            )}
          </div>
        </div>
      ))}
      {state.salts.length < 6 && (
        <Button
          mt="xs"
          leftSection={<IconPlus size={18} aria-hidden />}
          onClick={() =>
            change({ salts: [...state.salts, { substance: '', concentrationM: 0.1 }] })
          }
        >
          Another substance
        </Button>
      )}
    </>
  );
}

/** The cell itself: how large, how far apart, how warm, how mixed, and with which indicator. */
function Measures() {
  const { state, change } = useElectrolysis();
  return (
    <Fold title="Measures of the cell, mixing, indicator">
      <div className={classes.pair}>
        <Amounts
          of={state}
          onChange={change}
          fields={{
            areaCm2: ['Area of each', 'cm²', 1],
            gapCm: ['Gap', 'cm', 0.5],
            volumeMl: ['Liquid', 'mL', 10],
            temperatureC: ['Temperature', '°C', 1],
          }}
        />
      </div>
      <Select
        label="The liquids at the electrodes"
        mt="xs"
        value={state.mixing}
        data={[
          { value: 'still', label: 'one beaker, not stirred' },
          { value: 'stirred', label: 'one beaker, stirred' },
          { value: 'divided', label: 'kept apart (U-tube, bridge)' },
        ]}
        onChange={(mixing) => change({ mixing: mixing ?? 'still' })}
      />
      <Select
        label="Indicator"
        mt="xs"
        clearable
        placeholder="none"
        value={state.indicator === '' ? null : state.indicator}
        data={[...dropNames]}
        onChange={(indicator) => change({ indicator: indicator ?? '' })}
      />
    </Fold>
  );
}
