import { ActionIcon, Button, SegmentedControl, Select } from '@mantine/core';
import { melts, nameOnShelf } from '@stoichos/core/matter/substances';
import { dropNames, electrodeMaterials } from '@stoichos/core/vessel';
import { IconPlus, IconTrash } from '@tabler/icons-react';
import { useSettings } from '../../data/settings/useSettings';
import { ShelfSearch } from '../../shared/reagents/ShelfSearch';
import { Fold } from '../../shared/parts/Fold';
import classes from '../../shared/study/Study.module.css';
import { firstCell, readyCells } from './electrolysisState';
import type { ElectrolysisState } from './electrolysisState';
import { Amount } from '../../shared/study/Amount';
import { Amounts } from '../../shared/study/Amounts';

interface CellSettingsProps {
  readonly state: ElectrolysisState;
  readonly onChange: (part: Partial<ElectrolysisState>) => void;
}

/** What the cell is: what is in it, its electrodes, the current, its measures. */
export function CellSettings({ state, onChange }: CellSettingsProps) {
  return (
    <>
      <Select
        label="Begin with"
        placeholder="A cell…"
        mb="md"
        value={null}
        data={readyCells.map(({ name }) => name)}
        onChange={(name) => {
          const ready = readyCells.find((one) => one.name === name);
          if (ready) onChange({ ...firstCell, ...ready.part });
        }}
      />
      <SegmentedControl
        fullWidth
        mb="sm"
        aria-label="Solution or melt"
        value={state.kind}
        data={[
          { value: 'solution', label: 'Solution' },
          { value: 'melt', label: 'Molten salt' },
        ]}
        onChange={(kind) => onChange({ kind: kind === 'melt' ? 'melt' : 'solution' })}
      />
      {state.kind === 'melt' ? (
        <Molten state={state} onChange={onChange} />
      ) : (
        <Dissolved state={state} onChange={onChange} />
      )}
      <div className={classes.pair}>
        {(['cathode', 'anode'] as const).map((side) => (
          <Select
            key={side}
            label={side === 'cathode' ? 'Minus (cathode)' : 'Plus (anode)'}
            value={state[side]}
            data={[...electrodeMaterials]}
            onChange={(material) => onChange({ [side]: material ?? state[side] })}
          />
        ))}
      </div>
      <div className={classes.pair}>
        <Amounts
          of={state}
          onChange={onChange}
          fields={{
            currentA: ['Current', 'A', 0.05],
            minutes: ['Time', 'min', 1],
          }}
        />
      </div>
      {state.kind === 'solution' && <Measures state={state} onChange={onChange} />}
    </>
  );
}

function Molten({ state, onChange }: CellSettingsProps) {
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
      onChange={(molten) => onChange({ molten: molten ?? state.molten })}
    />
  );
}

/** What is dissolved, each with its concentration. */
function Dissolved({ state, onChange }: CellSettingsProps) {
  const salt = (at: number, part: Partial<ElectrolysisState['salts'][number]>) =>
    onChange({
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
                variant="default"
                aria-label={`Leave out ${substance}`}
                onClick={() => onChange({ salts: state.salts.filter((_, index) => index !== at) })}
              >
                <IconTrash size={20} />
              </ActionIcon>
            )}
          </div>
        </div>
      ))}
      {state.salts.length < 6 && (
        <Button
          variant="default"
          mt="xs"
          leftSection={<IconPlus size={18} aria-hidden />}
          onClick={() =>
            onChange({ salts: [...state.salts, { substance: '', concentrationM: 0.1 }] })
          }
        >
          Another substance
        </Button>
      )}
    </>
  );
}

/** The cell itself: how large, how far apart, how warm, how mixed, and with which indicator. */
function Measures({ state, onChange }: CellSettingsProps) {
  return (
    <Fold title="Measures of the cell, mixing, indicator">
      <div className={classes.pair}>
        <Amounts
          of={state}
          onChange={onChange}
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
        onChange={(mixing) => onChange({ mixing: mixing ?? 'still' })}
      />
      <Select
        label="Indicator"
        mt="xs"
        clearable
        placeholder="none"
        value={state.indicator === '' ? null : state.indicator}
        data={[...dropNames]}
        onChange={(indicator) => onChange({ indicator: indicator ?? '' })}
      />
    </Fold>
  );
}
