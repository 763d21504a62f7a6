import { Button, Group, MultiSelect, Select } from '@mantine/core';
import { findSubstance, organicTests } from '@stoichos/core/matter/substances';
import { inorganicTests } from '@stoichos/core/studies/identify';
import { byAnyName } from '../chemistry/byAnyName';
import { NumberField } from '../parts/NumberField';
import { useShelfQuery } from '../../data/api/api';
import study from '../study/Study.module.css';
import type { UnknownState } from './unknownState';
import { onShelf } from './CandidateLists';
import type { CandidateSettingsProps } from './CandidateLists';

/** A reagent that the shelf could hold and does not; papers, wires and made-up reagents it does not list. */
function isMissing(reagent: string, kept: ReadonlySet<string>): boolean {
  try {
    return !kept.has(findSubstance(reagent).substance.formula);
  } catch {
    return false;
  }
}

const rankWords = {
  bits: 'what tells most',
  perMinute: 'bits per minute',
  perHazard: 'bits per hazard',
  twoAhead: 'two tests ahead',
} as const;

const hazardWords = ['', 'usual care only', 'gloves and splash', 'hood or flame', 'all'] as const;

export function Limits({ state, change }: Pick<CandidateSettingsProps, 'state' | 'change'>) {
  const tests = state.kind === 'organic' ? organicTests : inorganicTests;
  const reagents = [
    ...new Set(tests.flatMap(({ reagents: own }): readonly string[] => own)),
  ].sort();
  const { data: shelf } = useShelfQuery();
  const kept = onShelf(shelf);
  return (
    <div className={study.block}>
      <Select
        label="School"
        value={state.school}
        data={[
          { value: 'asSet', label: 'As set for this installation' },
          { value: 'mostInformative', label: 'Most informative first' },
          {
            value: 'solubilityFirst',
            label: state.kind === 'organic' ? 'Solubility first' : 'The usual order',
          },
        ]}
        onChange={(value) => value && change({ school: value })}
      />
      <Select
        mt="xs"
        label="Rank by"
        value={state.rankBy}
        data={Object.entries(rankWords).map(([value, label]) => ({ value, label }))}
        onChange={(value) => value && change({ rankBy: value as UnknownState['rankBy'] })}
      />
      <Group grow mt="xs">
        <NumberField
          label="Sample left, mg"
          min={0}
          max={100_000}
          value={state.sampleMg}
          onChange={(value) => change({ sampleMg: value })}
        />
        <NumberField
          label="Time left, min"
          min={0}
          max={600}
          value={state.minutes}
          onChange={(value) => change({ minutes: value })}
        />
      </Group>
      <Select
        mt="xs"
        label="Tests allowed"
        value={String(state.mostHazard)}
        data={[1, 2, 3, 4].map((grade) => ({
          value: String(grade),
          label: hazardWords[grade] ?? '',
        }))}
        onChange={(value) => value && change({ mostHazard: Number(value) })}
      />
      <MultiSelect
        mt="xs"
        searchable
        filter={byAnyName}
        label="Reagents not at hand"
        data={reagents}
        value={state.missing}
        onChange={(value) => change({ missing: value })}
      />
      <Button
        mt="xs"
        disabled={!shelf}
        onClick={() => change({ missing: reagents.filter((one) => isMissing(one, kept)) })}
      >
        As on the shelf
      </Button>
    </div>
  );
}
