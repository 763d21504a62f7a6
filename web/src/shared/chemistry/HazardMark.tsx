import { Text } from '@mantine/core';
import { hazardMark } from '@stoichos/core/safety';
import { dropNames } from '@stoichos/core/vessel';

/** “can kill” beside the name of what does, in a list to choose from; nothing beside anything else. */
export function HazardMark({ of: name }: { of: string }) {
  const mark = dropNames.includes(name) ? undefined : hazardMark(name);
  return mark === undefined ? null : (
    <Text component="span" size="sm" ml={8} fw={700}>
      ▲ {mark}
    </Text>
  );
}
