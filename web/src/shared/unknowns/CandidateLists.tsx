import { Button, Group, MultiSelect, TagsInput, Text, TextInput } from '@mantine/core';
import { ChemistryError } from '@stoichos/core/common';
import { plainFormula } from '@stoichos/core/matter/formula';
import { issuedAnions, issuedCations, issuedSalts } from '@stoichos/core/matter/substances';
import { compoundNames, pairsOfIons, readCandidate } from '@stoichos/core/studies/identify';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useState } from 'react';
import { byAnyName } from '../chemistry/byAnyName';
import { useShelfQuery } from '../../data/api/api';
import { Fold } from '../parts/Fold';
import type { Candidates } from './useCandidates';
import type { UnknownState } from './unknownState';

export interface CandidateSettingsProps {
  readonly state: UnknownState;
  readonly change: (part: Partial<UnknownState>) => void;
  readonly candidates: Candidates;
  /** Whether it is about one jar, with its code. */
  readonly oneJar?: boolean;
}

export function OrganicList({
  state: { own, listed },
  change,
  failure,
}: Pick<CandidateSettingsProps, 'state' | 'change'> & { failure: string | undefined }) {
  const [name, setName] = useState('');
  const [smiles, setSmiles] = useState('');
  const add = () => {
    change({
      own: [
        ...own.filter((one) => one.name !== name.trim()),
        { name: name.trim(), smiles: smiles.trim() },
      ],
    });
    setName('');
    setSmiles('');
  };
  return (
    <>
      <MultiSelect
        mt="sm"
        searchable
        filter={byAnyName}
        clearable
        hidePickedOptions
        label="Compounds it may be"
        placeholder={listed.length === 0 ? `all ${compoundNames.length} of the list` : ''}
        data={[...compoundNames]}
        value={listed}
        onChange={(value) => change({ listed: value })}
        limit={60}
        nothingFoundMessage="Not in the list: give its structure below"
      />
      <Fold title="A structure of your own" open={own.length > 0}>
        <TextInput
          label="Name"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <TextInput
          mt="xs"
          label="Structure (SMILES)"
          placeholder="CCC(=O)CC"
          maxLength={300}
          value={smiles}
          onChange={(event) => setSmiles(event.currentTarget.value)}
        />
        <Button mt="xs" disabled={name.trim() === '' || smiles.trim() === ''} onClick={add}>
          Add
        </Button>
        {failure && (
          <Text size="sm" role="alert" mt="xs">
            {failure}
          </Text>
        )}
        {own.map((one) => (
          <Group key={one.name} justify="space-between" mt="xs" wrap="nowrap">
            <span>
              {one.name} <span className="quiet">{one.smiles}</span>
            </span>
            <Button
              size="compact-md"
              aria-label={`Remove ${one.name}`}
              onClick={() => change({ own: own.filter((each) => each !== one) })}
            >
              Remove
            </Button>
          </Group>
        ))}
      </Fold>
    </>
  );
}

export function InorganicList({
  state: { salts },
  change,
}: Pick<CandidateSettingsProps, 'state' | 'change'>) {
  const [ions, setIons] = useState<string[]>([]);
  const { data: shelf } = useShelfQuery();
  const kept = onShelf(shelf);
  const wrong = salts.flatMap((text) => {
    try {
      readCandidate(text);
      return [];
    } catch (error) {
      return error instanceof ChemistryError ? [error.message] : [];
    }
  })[0];
  return (
    <>
      <TagsInput
        mt="sm"
        label="Salts and mixtures it may be"
        description="A formula, a name, an ion, or up to four with plus signs between them"
        data={[...issuedSalts.formulae]}
        value={salts}
        maxTags={200}
        onChange={(value) => change({ salts: value })}
        error={wrong}
      />
      <Group gap="xs" mt={6}>
        <Button
          size="compact-md"
          disabled={salts.length === 0}
          onClick={() => change({ salts: [] })}
        >
          Take all out
        </Button>
        <Button size="compact-md" onClick={() => change({ salts: [...issuedSalts.formulae] })}>
          All that are commonly issued
        </Button>
        <Button
          size="compact-md"
          disabled={!shelf}
          onClick={() => change({ salts: issuedSalts.formulae.filter((salt) => kept.has(salt)) })}
        >
          Those on the shelf
        </Button>
      </Group>
      <Fold title="All mixtures of two ions">
        <MultiSelect
          searchable
          filter={byAnyName}
          label="Ions"
          data={[...issuedCations, ...issuedAnions].map(ionItem)}
          value={ions}
          onChange={setIons}
        />
        <Button
          mt="xs"
          disabled={ions.length < 2}
          onClick={() => change({ salts: pairsOfIons(ions) })}
        >
          Take their {(ions.length * (ions.length - 1)) / 2} pairs
        </Button>
      </Fold>
    </>
  );
}

const ionItem = (ion: string) => ({ value: ion, label: plainFormula(ion) });

/** What stands on the shelf and is not used up. */
export const onShelf = (shelf: readonly ShelfItem[] | undefined): ReadonlySet<string> =>
  new Set(shelf?.filter(({ amount }) => amount > 0).map(({ substance }) => substance));
