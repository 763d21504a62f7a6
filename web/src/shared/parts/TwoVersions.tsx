import { Button, Group, Modal, Radio, Stack, Text } from '@mantine/core';
import type { Difference, Side } from '@stoichos/core/common';
import { useState, useSyncExternalStore } from 'react';
import { answerChoosing, onChoosing, openChoosing } from '../../data/saving/choosing';
import type { Choosing, FieldNames } from '../../data/saving/choosing';

/** Asks, wherever one is, which of two changes of the same thing is to stand. */
export function TwoVersions() {
  const choosing = useSyncExternalStore(onChoosing, openChoosing);
  return (
    <Modal
      opened={choosing !== undefined}
      onClose={() => answerChoosing(undefined)}
      title={`Somebody else has changed the ${choosing?.what ?? ''}`}
      size="lg"
      // Above the form whose saving it is about.
      zIndex={300}
    >
      {choosing && <Choices key={choosing.what} choosing={choosing} />}
    </Modal>
  );
}

const keyOf = ({ field, item = '' }: Difference): string => `${field} ${item}`;

function Choices({ choosing: { differences, names } }: { readonly choosing: Choosing }) {
  const [sides, setSides] = useState<Readonly<Record<string, Side>>>({});
  const isOpen = differences.some((one) => sides[keyOf(one)] === undefined);
  return (
    <Stack>
      <Text>
        You both changed what stands below. Choose which is to stand; everything else that either of
        you changed is kept.
      </Text>
      {differences.map((one) => (
        <Radio.Group
          key={keyOf(one)}
          label={nameOf(one, names)}
          value={sides[keyOf(one)] ?? null}
          onChange={(side) => setSides({ ...sides, [keyOf(one)]: side })}
        >
          <Stack gap={0}>
            <Radio py={11} value="mine" label={`Yours: ${told(one.mine, one, names)}`} />
            <Radio py={11} value="theirs" label={`Theirs: ${told(one.theirs, one, names)}`} />
          </Stack>
        </Radio.Group>
      ))}
      <Group justify="flex-end">
        <Button onClick={() => answerChoosing(undefined)}>Not now</Button>
        <Button
          variant="filled"
          disabled={isOpen}
          onClick={() => answerChoosing((one) => sides[keyOf(one)] ?? 'theirs')}
        >
          Save what I chose
        </Button>
      </Group>
    </Stack>
  );
}

function nameOf({ field, item, mine, theirs }: Difference, names: FieldNames): string {
  const said = names[field] ?? field;
  const name = typeof said === 'string' ? said : said.name;
  if (item === undefined) return name;
  const own = [mine, theirs].map(nameIn).find((one) => one !== undefined);
  return own === undefined ? name : `${name}: ${own}`;
}

/** What an item of a list calls itself. */
function nameIn(value: unknown): string | undefined {
  if (typeof value !== 'object' || value === null) return undefined;
  if ('name' in value && typeof value.name === 'string') return value.name;
  return 'id' in value && typeof value.id === 'string' ? value.id : undefined;
}

/** A value in words, cut where it is long. */
function told(value: unknown, { field }: Difference, names: FieldNames): string {
  if (value === undefined) return 'taken out';
  const said = names[field];
  const text = said && typeof said !== 'string' ? said.tell(value) : plainly(value);
  return text.length > longestTold ? `${text.slice(0, longestTold)}…` : text;
}
const longestTold = 200;

function plainly(value: unknown): string {
  if (value === null || value === '') return 'empty';
  if (Array.isArray(value)) return value.length === 0 ? 'none' : value.map(plainly).join(', ');
  if (typeof value !== 'object') return typeof value === 'string' ? value : JSON.stringify(value);
  if ('text' in value && typeof value.text === 'string') return value.text;
  return (
    nameIn(value) ??
    Object.entries(value)
      .map(([name, part]) => `${name} ${plainly(part)}`)
      .join(', ')
  );
}
