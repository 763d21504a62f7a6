import { ActionIcon, Button, Table, Text, TextInput, Title } from '@mantine/core';
import { classAgainstDish, dishMarkSchema } from '@stoichos/core/studies/dish';
import type { DishMark, FirstLine, ClassAgainstDish } from '@stoichos/core/studies/dish';
import { IconTrash } from '@tabler/icons-react';
import { useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import classes from './Dish.module.css';
import { withPlaces, formatNumber } from '@stoichos/core/common';

interface ClassMarksProps {
  readonly marks: readonly DishMark[];
  readonly line: FirstLine | undefined;
  readonly onChange: (marks: DishMark[]) => void;
}

/** What the groups saw, and what it says about the place and the mixing. */
export function ClassMarks({ marks, line, onChange }: ClassMarksProps) {
  const [group, setGroup] = useState('');
  const [place, setPlace] = useState<number | string>('');
  const [minutes, setMinutes] = useState<number | string>('');
  const [problem, setProblem] = useState<string>();
  const add = () => {
    const read = dishMarkSchema.safeParse({
      group,
      atFraction: place === '' ? undefined : Number(place) / 100,
      minutes: minutes === '' ? undefined : Number(minutes),
    });
    if (!read.success) {
      const [issue] = read.error.issues;
      setProblem(
        issue?.code === 'invalid_type'
          ? 'Fill in the place and the time of the first line.'
          : `${issue?.message ?? 'This cannot be read'}.`,
      );
      return;
    }
    onChange([...marks, read.data]);
    setGroup('');
    setPlace('');
    setMinutes('');
    setProblem(undefined);
  };
  const compared = line && marks.length > 0 ? classAgainstDish(marks, line) : undefined;
  return (
    <>
      <Title mt="lg" mb="xs">
        What the class saw
      </Title>
      {marks.length > 0 && <MarksTable onChange={onChange} marks={marks} />}
      {compared && <Compared compared={compared} />}
      <form
        className="no-print"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <TextInput
          label="Group"
          mt="sm"
          value={group}
          onChange={(event) => setGroup(event.currentTarget.value)}
        />
        <div className={classes.pair}>
          <NumberField label="Place, % of the gap" value={place} onChange={setPlace} />
          <NumberField label="First line, min" value={minutes} onChange={setMinutes} />
        </div>
        <Text size="sm" className="quiet" mt={4}>
          The place is measured from the edge of the first heap. The mean time sets the mixing
          factor.
        </Text>
        {problem && (
          <Text role="alert" c="red" size="sm">
            {problem}
          </Text>
        )}
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
