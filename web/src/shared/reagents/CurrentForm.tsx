import { Button, Select } from '@mantine/core';
import { useForm } from '@mantine/form';
import { actionSchema, electrodeMaterials } from '@stoichos/core/vessel';
import type { RackEvent } from '@stoichos/core/seeing/rack';
import { NumberField } from '../parts/NumberField';
import { schemaErrors } from '../parts/schemaErrors';
import classes from './Reagents.module.css';

interface CurrentFormProps {
  readonly vessel: string;
  readonly attempt: (event: RackEvent) => void;
}

/** A number that is being typed may be none yet. */
interface CurrentDraft {
  readonly cathode: string;
  readonly anode: string;
  readonly currentA: number | '';
  readonly minutes: number | '';
}

/** A current through the chosen vessel, between two electrodes. */
export function CurrentForm({ vessel, attempt }: CurrentFormProps) {
  const form = useForm<CurrentDraft>({
    initialValues: { cathode: 'graphite', anode: 'graphite', currentA: 0.1, minutes: 5 },
    validate: (draft) => schemaErrors(actionSchema, { do: 'electrolyse', ...draft }),
  });
  const { currentA, minutes } = form.values;
  const submit = form.onSubmit((draft) =>
    attempt({ vessel, action: actionSchema.parse({ do: 'electrolyse', ...draft }) }),
  );
  return (
    <form noValidate onSubmit={submit}>
      <div className={classes.amounts}>
        <Select label="Minus" data={[...electrodeMaterials]} {...form.getInputProps('cathode')} />
        <Select label="Plus" data={[...electrodeMaterials]} {...form.getInputProps('anode')} />
      </div>
      <div className={classes.amounts}>
        <NumberField label="Current, A" step={0.05} {...form.getInputProps('currentA')} />
        <NumberField label="Minutes" {...form.getInputProps('minutes')} />
      </div>
      <Button type="submit" mt="xs" disabled={currentA === '' || minutes === ''}>
        Pass the current
      </Button>
    </form>
  );
}
