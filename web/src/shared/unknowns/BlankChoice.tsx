import { Group, Text } from '@mantine/core';
import { blankWords } from '@stoichos/core/studies/identify';
import type { UnknownResult } from '@stoichos/core/labday/access';
import { Chip } from '../parts/ChipRow';

export type Blank = UnknownResult['blank'];

/** What the blank beside a test did: chips that wrap, for a tablet held upright. */
export function BlankChoice({
  value,
  onChange,
  what = 'The blank beside it',
}: {
  value: Blank;
  onChange: (blank: Blank) => void;
  what?: string;
}) {
  return (
    <>
      <Text size="sm" mt="sm">
        {what}
      </Text>
      <Group gap={6} mt={4} role="group" aria-label="The blank beside it">
        {(['clean', 'same', 'none'] as const).map((one) => (
          <Chip key={one} chosen={value === one} onTap={() => onChange(one)}>
            {blankWords[one]}
          </Chip>
        ))}
      </Group>
    </>
  );
}
