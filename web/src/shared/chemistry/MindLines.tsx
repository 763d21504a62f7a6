import { Box, Text } from '@mantine/core';
import { IconAlertTriangle } from '@tabler/icons-react';
import { Formula } from './Formula';

/** What the engine and the tables of hazards say to mind at a step; nothing where there is nothing. */
export function MindLines({ lines }: { lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <Box role="note" aria-label="Mind" my={8}>
      {lines.map((line) => (
        <Text key={line} size="sm" mt={4}>
          <IconAlertTriangle size={16} aria-hidden className="in-line" />{' '}
          <Formula text={line} wrap />
        </Text>
      ))}
    </Box>
  );
}
