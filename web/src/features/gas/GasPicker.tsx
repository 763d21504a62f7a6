import { MultiSelect, SegmentedControl, Select } from '@mantine/core';
import { nameOnShelf, shelfSubstances } from '@stoichos/core/matter/substances';
import { gasName, unknownGases } from '@stoichos/core/studies/gas';
import { useSettings } from '../../data/settings/useSettings';
import { plainFormula } from '@stoichos/core/matter/formula';
import { byAnyName } from '../../shared/chemistry/byAnyName';
import type { GasState } from './gasState';

interface GasPickerProps {
  readonly state: GasState;
  readonly onChange: (part: Partial<GasState>) => void;
  /** Also where the reagents come from. */
  readonly withShelf?: boolean;
}

/** Which gas, and from what. */
export function GasPicker({ state, onChange, withShelf = false }: GasPickerProps) {
  const { naming } = useSettings();
  return (
    <>
      <Select
        label="Gas"
        searchable
        filter={byAnyName}
        value={state.gas}
        data={unknownGases.map((formula) => ({
          value: formula,
          label: `${gasName(formula)}, ${plainFormula(formula)}`,
        }))}
        onChange={(gas) => onChange({ gas: gas ?? state.gas })}
      />
      {withShelf && (
        <>
          <SegmentedControl
            fullWidth
            mt="md"
            aria-label="Reagents from"
            value={state.from}
            data={[
              { value: 'shelf', label: 'Our shelf' },
              { value: 'table', label: 'Anything' },
              { value: 'list', label: 'A list' },
            ]}
            onChange={(from) => onChange({ from: from })}
          />
          {state.from === 'list' && (
            <MultiSelect
              label="What there is"
              placeholder={state.list.length === 0 ? 'Acids, metals, salts…' : ''}
              description="Water is always there."
              mt="sm"
              searchable
              filter={byAnyName}
              limit={40}
              value={state.list}
              data={shelfSubstances().map(({ formula }) => ({
                value: formula,
                label: `${nameOnShelf(naming, formula)} ${plainFormula(formula)}`,
              }))}
              onChange={(list) => onChange({ list })}
            />
          )}
        </>
      )}
    </>
  );
}
