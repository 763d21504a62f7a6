import {
  Button,
  Group,
  MultiSelect,
  SegmentedControl,
  Select,
  TagsInput,
  Text,
  TextInput,
} from '@mantine/core';
import { ChemistryError } from '@stoichos/core/common';
import { plainFormula } from '@stoichos/core/matter/formula';
import {
  findSubstance,
  issuedAnions,
  issuedCations,
  issuedSalts,
  organicTests,
} from '@stoichos/core/matter/substances';
import {
  compoundNames,
  inorganicTests,
  pairsOfIons,
  readCandidate,
} from '@stoichos/core/studies/identify';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useState } from 'react';
import { byAnyName } from '../chemistry/byAnyName';
import { NumberField } from '../parts/NumberField';
import { useShelfQuery } from '../../data/api/api';
import { Chip } from '../parts/ChipRow';
import { Fold } from '../parts/Fold';
import study from '../study/Study.module.css';
import type { Candidates } from './useCandidates';
import type { UnknownState } from './unknownState';

interface CandidateSettingsProps {
  readonly state: UnknownState;
  readonly change: (part: Partial<UnknownState>) => void;
  readonly candidates: Candidates;
  /** Whether it is about one jar, with its code. */
  readonly oneJar?: boolean;
}

/** What is set: what the unknown may be, which school, and what limits the tests. */
export function CandidateSettings({
  state,
  change,
  candidates,
  oneJar = false,
}: CandidateSettingsProps) {
  const { kind, classesOut } = state;
  return (
    <>
      <SegmentedControl
        fullWidth
        size="md"
        aria-label="Kind of unknown"
        value={kind}
        data={[
          { value: 'organic', label: 'Organic' },
          { value: 'inorganic', label: 'Inorganic' },
        ]}
        onChange={(value) => change({ kind: value, classesOut: [] })}
      />
      {oneJar && (
        <TextInput
          mt="sm"
          size="md"
          label="Code on the jar"
          maxLength={40}
          value={state.label}
          onChange={(event) => change({ label: event.currentTarget.value })}
        />
      )}
      {kind === 'organic' ? (
        <OrganicList state={state} change={change} failure={candidates.failure?.message} />
      ) : (
        <InorganicList state={state} change={change} />
      )}
      {candidates.classes.length > 0 && (
        <>
          <Text size="sm" fw={500} mt="md">
            Not issued this term
          </Text>
          <Group gap={6} mt={4} role="group" aria-label="Classes not issued this term">
            {candidates.classes.map((one) => (
              <Chip
                key={one}
                chosen={classesOut.includes(one)}
                onTap={() =>
                  change({
                    classesOut: classesOut.includes(one)
                      ? classesOut.filter((each) => each !== one)
                      : [...classesOut, one],
                  })
                }
              >
                {one}
              </Chip>
            ))}
          </Group>
        </>
      )}
      <Fold title="School and limits">
        <Limits state={state} change={change} />
      </Fold>
    </>
  );
}

function OrganicList({
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
        size="md"
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
          size="md"
          label="Name"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <TextInput
          size="md"
          mt="xs"
          label="Structure (SMILES)"
          placeholder="CCC(=O)CC"
          maxLength={300}
          value={smiles}
          onChange={(event) => setSmiles(event.currentTarget.value)}
        />
        <Button
          size="md"
          mt="xs"
          variant="default"
          disabled={name.trim() === '' || smiles.trim() === ''}
          onClick={add}
        >
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
              variant="default"
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

function InorganicList({
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
        size="md"
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
          variant="default"
          disabled={salts.length === 0}
          onClick={() => change({ salts: [] })}
        >
          Take all out
        </Button>
        <Button
          size="compact-md"
          variant="default"
          onClick={() => change({ salts: [...issuedSalts.formulae] })}
        >
          All that are commonly issued
        </Button>
        <Button
          size="compact-md"
          variant="default"
          disabled={!shelf}
          onClick={() => change({ salts: issuedSalts.formulae.filter((salt) => kept.has(salt)) })}
        >
          Those on the shelf
        </Button>
      </Group>
      <Fold title="All mixtures of two ions">
        <MultiSelect
          size="md"
          searchable
          filter={byAnyName}
          label="Ions"
          data={[...issuedCations, ...issuedAnions].map(ionItem)}
          value={ions}
          onChange={setIons}
        />
        <Button
          size="md"
          mt="xs"
          variant="default"
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
const onShelf = (shelf: readonly ShelfItem[] | undefined): ReadonlySet<string> =>
  new Set(shelf?.filter(({ amount }) => amount > 0).map(({ substance }) => substance));

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

function Limits({ state, change }: Pick<CandidateSettingsProps, 'state' | 'change'>) {
  const tests = state.kind === 'organic' ? organicTests : inorganicTests;
  const reagents = [
    ...new Set(tests.flatMap(({ reagents: own }): readonly string[] => own)),
  ].sort();
  const { data: shelf } = useShelfQuery();
  const kept = onShelf(shelf);
  return (
    <div className={study.block}>
      <Select
        size="md"
        allowDeselect={false}
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
        size="md"
        mt="xs"
        allowDeselect={false}
        label="Rank by"
        value={state.rankBy}
        data={Object.entries(rankWords).map(([value, label]) => ({ value, label }))}
        onChange={(value) => value && change({ rankBy: value as UnknownState['rankBy'] })}
      />
      <Group grow mt="xs">
        <NumberField
          size="md"
          label="Sample left, mg"
          min={0}
          max={100_000}
          value={state.sampleMg}
          onChange={(value) => change({ sampleMg: value })}
        />
        <NumberField
          size="md"
          label="Time left, min"
          min={0}
          max={600}
          value={state.minutes}
          onChange={(value) => change({ minutes: value })}
        />
      </Group>
      <Select
        size="md"
        mt="xs"
        allowDeselect={false}
        label="Tests allowed"
        value={String(state.mostHazard)}
        data={[1, 2, 3, 4].map((grade) => ({
          value: String(grade),
          label: hazardWords[grade] ?? '',
        }))}
        onChange={(value) => value && change({ mostHazard: Number(value) })}
      />
      <MultiSelect
        size="md"
        mt="xs"
        searchable
        filter={byAnyName}
        label="Reagents not at hand"
        data={reagents}
        value={state.missing}
        onChange={(value) => change({ missing: value })}
      />
      <Button
        size="md"
        mt="xs"
        variant="default"
        disabled={!shelf}
        onClick={() => change({ missing: reagents.filter((one) => isMissing(one, kept)) })}
      >
        As on the shelf
      </Button>
    </div>
  );
}
