import { Select, SimpleGrid, Stack, Text } from '@mantine/core';
import { containerKinds, containers } from '@stoichos/core/vessel';
import { NumberField } from '../../shared/parts/NumberField';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './MixingEditor.module.css';
import { SubstanceSelect } from './SubstanceSelect';
import type { DraftOutcome } from './useDraftOutcome';
import type { PortionDraft, MixingDraftState } from './useMixingDraft';

interface MixingEditorProps {
  readonly draft: MixingDraftState;
  readonly outcome: DraftOutcome;
  readonly locked: boolean;
}

/** The two solutions and the vessel they meet in. */
export function MixingEditor({ draft, outcome, locked }: MixingEditorProps) {
  const { values, change } = draft;
  return (
    <Stack gap="sm">
      {(['a', 'b'] as const).map((side) => (
        <PortionFields
          key={side}
          legend={side === 'a' ? 'Solution A, in the vessel' : 'Solution B, poured in'}
          portion={values[side]}
          errors={outcome.errors}
          side={side}
          locked={locked}
          onChange={(portion) => change({ [side]: portion })}
        />
      ))}
      <div>
        <Text size="sm" fw={500} mb={4}>
          Vessel
        </Text>
        <Select
          aria-label="Vessel"
          disabled={locked}
          value={values.container}
          onChange={(container) => container && change({ container: container })}
          data={containerKinds.map((kind) => ({ value: kind, label: containers[kind].name }))}
        />
      </div>
    </Stack>
  );
}

interface PortionFieldsProps {
  readonly legend: string;
  readonly side: 'a' | 'b';
  readonly portion: PortionDraft;
  readonly errors: DraftOutcome['errors'];
  readonly locked: boolean;
  readonly onChange: (portion: PortionDraft) => void;
}

function PortionFields({ legend, side, portion, errors, locked, onChange }: PortionFieldsProps) {
  const set = (part: Partial<PortionDraft>) => onChange({ ...portion, ...part });
  return (
    <fieldset disabled={locked} className={classes.portion}>
      <legend>
        <span>{legend}</span>
        {portion.substance !== '' && <Formula text={portion.substance} />}
      </legend>
      <Stack gap={6}>
        <SubstanceSelect
          value={portion.substance}
          error={errors[`${side}.substance`]}
          onChange={(substance) => set({ substance })}
        />
        <SimpleGrid cols={2} spacing={8}>
          <NumberField
            label="Concentration"
            suffix=" M"
            min={0}
            step={0.05}
            decimalScale={6}
            value={portion.concentrationM}
            error={errors[`${side}.concentrationM`]}
            onChange={(concentrationM) => set({ concentrationM })}
          />
          <NumberField
            label="Volume"
            suffix=" mL"
            min={0}
            step={0.5}
            decimalScale={2}
            value={portion.volumeMl}
            error={errors[`${side}.volumeMl`]}
            onChange={(volumeMl) => set({ volumeMl })}
          />
        </SimpleGrid>
      </Stack>
    </fieldset>
  );
}
