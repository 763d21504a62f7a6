import {
  ActionIcon,
  Button,
  Fieldset,
  Group,
  MultiSelect,
  Select,
  Text,
  TextInput,
} from '@mantine/core';
import { analysisNames, analysisSchema, measuresOf } from '@stoichos/core/planning/procedure';
import type { Analysis, Measure, Procedure, QuantityName } from '@stoichos/core/planning/procedure';
import { IconX } from '@tabler/icons-react';
import { useState } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { NumberField } from '../../shared/parts/NumberField';
import { formatNumber } from '@stoichos/core/common';

/** What an analysis asks for: measurements of the procedure, numbers and words of its own. */
interface Asked {
  readonly field: string;
  readonly label: string;
  readonly of: QuantityName | 'any' | 'number' | 'text';
}

const asked: Readonly<Record<Analysis['kind'], readonly Asked[]>> = {
  hydrate: [
    { field: 'anhydrous', label: 'Salt without its water', of: 'text' },
    { field: 'dish', label: 'Empty dish', of: 'mass' },
    { field: 'filled', label: 'With the hydrate', of: 'mass' },
    { field: 'heated', label: 'After each heating', of: 'mass' },
    { field: 'literatureX', label: 'Water in the books', of: 'number' },
  ],
  temperature: [
    { field: 'log', label: 'Log', of: 'temperature' },
    { field: 'massG', label: 'Mass that shares the heat, g', of: 'number' },
    { field: 'filmG', label: 'Film of water below, g', of: 'number' },
  ],
  drops: [],
  density: [
    { field: 'mass', label: 'Mass', of: 'mass' },
    { field: 'volume', label: 'Volume', of: 'volume' },
  ],
  recovery: [
    { field: 'got', label: 'Recovered', of: 'mass' },
    { field: 'thereG', label: 'There was, g', of: 'number' },
  ],
  line: [
    { field: 'x', label: 'Across', of: 'any' },
    { field: 'y', label: 'Upwards', of: 'any' },
  ],
};
const kinds = Object.keys(asked) as Analysis['kind'][];

/** What an analysis takes from the amounts that are put in. */
function calculatedWith(analysis: Analysis): string {
  switch (analysis.kind) {
    case 'hydrate':
      return `, of ${analysis.anhydrous}`;
    case 'temperature': {
      const { of, massG } = analysis;
      return [
        ...(of ? [`, to ${formatNumber(of.amountMol)} mol ${of.substance}`] : []),
        ...(massG === undefined ? [] : [`, shared by ${formatNumber(massG)} g`]),
      ].join('');
    }
    case 'recovery':
      return `, of ${formatNumber(analysis.thereG)} g`;
    default:
      return '';
  }
}

interface AnalysisFieldsProps {
  readonly procedure: Procedure;
  readonly onChange: (analyses: Procedure['analyses']) => void;
}

/** What is worked out of the measurements of a procedure. */
export function AnalysisFields({ procedure, onChange }: AnalysisFieldsProps) {
  const { analyses, steps } = procedure;
  const measures = [
    ...new Map(steps.flatMap((step) => step.measures).map((one) => [one.name, one])).values(),
  ].filter(({ name }) => name !== '');
  return (
    <Fieldset legend="What is worked out">
      {analyses.map((analysis, at) => (
        <Group key={String(at)} gap="xs" mb={4}>
          <Text flex={1}>
            {analysisNames[analysis.kind]}: {measuresOf(analysis).join(' · ')}
            <Formula text={calculatedWith(analysis)} wrap />
          </Text>
          <ActionIcon
            aria-label={`No longer work out ${analysisNames[analysis.kind]}`}
            onClick={() => onChange(analyses.filter((_, index) => index !== at))}
          >
            <IconX size={18} />
          </ActionIcon>
        </Group>
      ))}
      {measures.length === 0 ? (
        <Text size="sm" className="quiet">
          Say in a step what is measured; what to work out of it is chosen here.
        </Text>
      ) : (
        <NewAnalysis
          key={analyses.length}
          measures={measures}
          onAdd={(analysis) => onChange([...analyses, analysis])}
        />
      )}
    </Fieldset>
  );
}

function NewAnalysis({
  measures,
  onAdd,
}: {
  measures: readonly Measure[];
  onAdd: (analysis: Analysis) => void;
}) {
  const [kind, setKind] = useState<Analysis['kind']>();
  const [values, setValues] = useState<Readonly<Record<string, unknown>>>({});
  const set = (field: string, value: unknown) => setValues({ ...values, [field]: value });
  const parsed = analysisSchema.safeParse({ kind, ...values });
  const named = (of: Asked['of']) =>
    measures.filter(({ quantity }) => of === 'any' || quantity === of).map(({ name }) => name);
  return (
    <Group gap="xs" align="flex-end">
      <Select
        label="Work out"
        placeholder="choose…"
        w={210}
        data={kinds.map((value) => ({ value, label: analysisNames[value] }))}
        value={kind ?? null}
        onChange={(picked) => {
          setKind(kinds.find((one) => one === picked));
          setValues({});
        }}
      />
      {kind === 'drops' && (
        <MultiSelect
          label="Counts, the reference first"
          data={named('drops')}
          onChange={(names) =>
            set(
              'counts',
              names.map((measure) => ({ measure, of: measure.replace(/^drops, /, '') })),
            )
          }
        />
      )}
      {(kind ? asked[kind] : []).map(({ field, label, of }) =>
        of === 'number' ? (
          <NumberField
            key={field}
            label={label}
            w={160}
            onChange={(value) => set(field, typeof value === 'number' ? value : undefined)}
          />
        ) : of === 'text' ? (
          <TextInput
            key={field}
            label={label}
            w={180}
            onChange={(event) => set(field, event.currentTarget.value)}
          />
        ) : (
          <Select
            key={field}
            label={label}
            w={200}
            data={named(of)}
            onChange={(name) => set(field, name ?? undefined)}
          />
        ),
      )}
      <Button
        disabled={!parsed.success}
        onClick={() => {
          if (parsed.success) onAdd(parsed.data);
        }}
      >
        Work it out
      </Button>
    </Group>
  );
}
