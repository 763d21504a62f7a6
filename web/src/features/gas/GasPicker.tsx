import { MultiSelect, Select } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { nameOnShelf, shelfSubstances } from '@stoichos/core/matter/substances';
import { gasName, unknownGases } from '@stoichos/core/studies/gas';
import { useSettings } from '../../data/settings/useSettings';
import { plainFormula } from '@stoichos/core/matter/formula';
import { byAnyName } from '../../shared/chemistry/byAnyName';
import { useGas } from './useGas';

/** Which gas, and from what. @param withShelf also where the reagents come from. */
export function GasPicker({ withShelf = false }: { withShelf?: boolean }) {
  const { state, change } = useGas();
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
        onChange={(gas) => change({ gas: gas ?? state.gas })}
      />
      {withShelf && (
        <>
          <Segments
            fullWidth
            mt="md"
            label="Reagents from"
            value={state.from}
            of={{ shelf: 'Our shelf', table: 'Anything', list: 'A list' }}
            onChange={(from) => change({ from })}
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
              onChange={(list) => change({ list })}
            />
          )}
        </>
      )}
    </>
  );
}
