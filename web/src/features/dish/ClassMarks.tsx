import { ActionIcon, Button, Table, Text, TextInput, Title } from '@mantine/core';
import { useForm } from '@mantine/form';
import { classAgainstDish, dishMarkSchema } from '@stoichos/core/studies/dish';
import type { DishMark, FirstLine, ClassAgainstDish } from '@stoichos/core/studies/dish';
import { IconTrash } from '@tabler/icons-react';
import { NumberField } from '../../shared/parts/NumberField';
import { schemaErrors } from '../../shared/parts/schemaErrors';
import classes from './Dish.module.css';
import { withPlaces, formatNumber } from '@stoichos/core/common';

interface ClassMarksProps {
  readonly marks: readonly DishMark[];
  readonly line: FirstLine | undefined;
  readonly onChange: (marks: DishMark[]) => void;
}

/** A number that is being typed may be none yet; a place is typed in per cent. */
interface MarkDraft {
  readonly group: string;
  readonly atFraction: number | '';
  readonly minutes: number | '';
}

const asMark = ({ group, atFraction, minutes }: MarkDraft) => ({
  group,
  atFraction: atFraction === '' ? undefined : atFraction / 100,
  minutes: minutes === '' ? undefined : minutes,
});

/** What the groups saw, and what it says about the place and the mixing. */
export function ClassMarks({ marks, line, onChange }: ClassMarksProps) {
  const form = useForm<MarkDraft>({
    initialValues: { group: '', atFraction: '', minutes: '' },
    validate: (draft) => schemaErrors(dishMarkSchema, asMark(draft)),
  });
  const add = form.onSubmit((draft) => {
    onChange([...marks, dishMarkSchema.parse(asMark(draft))]);
    form.reset();
  });
  const compared = line && marks.length > 0 ? classAgainstDish(marks, line) : undefined;
  return (
    <>
      <Title mt="lg" mb="xs">
        What the class saw
      </Title>
      {marks.length > 0 && <MarksTable onChange={onChange} marks={marks} />}
      {compared && <Compared compared={compared} />}
      <form className="no-print" noValidate onSubmit={add}>
        <TextInput label="Group" mt="sm" {...form.getInputProps('group')} />
        <div className={classes.pair}>
          <NumberField label="Place, % of the gap" {...form.getInputProps('atFraction')} />
          <NumberField label="First line, min" {...form.getInputProps('minutes')} />
        </div>
        <Text size="sm" className="quiet" mt={4}>
          The place is measured from the edge of the first heap. The mean time sets the mixing
          factor.
        </Text>
        <Button type="submit" mt="xs" fullWidth>
          Add this mark
        </Button>
      </form>
    </>
  );
}

/** What was marked against what was predicted. */
function Compared({ compared }: { readonly compared: ClassAgainstDish }) {
  return (
    <div data-testid="compared">
      <Text size="sm" mt="xs">
        Mean place {percent(compared.place.mean)}
        {compared.place.deviation !== undefined && `, spread ±${percent(compared.place.deviation)}`}
        ; mean time {withPlaces(compared.minutes.mean, 1)} min
        {compared.minutes.deviation !== undefined &&
          `, spread ±${withPlaces(compared.minutes.deviation, 1)} min`}
        .
      </Text>
      {compared.words.map((words) => (
        <Text key={words} size="sm" mt={4}>
          {words}
        </Text>
      ))}
    </div>
  );
}

/** Where each bench saw its line. */
function MarksTable({
  onChange,
  marks,
}: {
  readonly onChange: (marks: DishMark[]) => void;
  readonly marks: readonly DishMark[];
}) {
  return (
    <Table fz="sm" verticalSpacing={4} data-testid="marks">
      <Table.Thead>
        <Table.Tr>
          <Table.Th>Group</Table.Th>
          <Table.Th>Place, % of the gap</Table.Th>
          <Table.Th>First line, min</Table.Th>
          <Table.Th className="no-print" />
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {marks.map((mark, at) => (
          <Table.Tr key={`${mark.group} ${at}`}>
            <Table.Td>{mark.group}</Table.Td>
            <Table.Td>{Math.round(100 * mark.atFraction)}</Table.Td>
            <Table.Td>{formatNumber(mark.minutes)}</Table.Td>
            <Table.Td className="no-print">
              <ActionIcon
                variant="subtle"
                aria-label={`Strike ${mark.group}`}
                onClick={() => onChange(marks.filter((_, one) => one !== at))}
              >
                <IconTrash size={18} />
              </ActionIcon>
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

const percent = (fraction: number): string => `${Math.round(100 * fraction)} %`;
