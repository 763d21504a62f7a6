import { Alert, Text } from '@mantine/core';
import type { Warning } from '@stoichos/core/vessel';
import { Formula } from './Formula';

/** Cautions at a step; nothing where there are none. */
export function Mind({ warnings }: { warnings: readonly Warning[] }) {
  if (warnings.length === 0) return null;
  return (
    <Alert mt="sm" title="Mind" role="note">
      {warnings.map(({ code, message }) => (
        <Text key={`${code} ${message}`} size="sm">
          <Formula text={message} wrap />
        </Text>
      ))}
    </Alert>
  );
}
