import { Text } from '@mantine/core';
import { hazardsOf } from '@stoichos/core';
import { IconAlertTriangle } from '@tabler/icons-react';
import { Formula } from '../chemistry/Formula';

/** The cautions that belong to this step, beside it. */
export function StepCautions({ substances }: { substances: readonly string[] }) {
  const sheets = [...new Set(substances)].map((substance) => hazardsOf(substance));
  const hazardous = sheets.filter(({ statements }) => statements.length > 0);
  return (
    <Text size="sm" my="sm" style={{ borderLeft: '3px solid var(--glass)', paddingLeft: 10 }}>
      <IconAlertTriangle size={16} aria-hidden style={{ verticalAlign: '-3px' }} /> Eye protection.{' '}
      {hazardous.map(({ formula, statements }) => (
        <span key={formula}>
          <Formula text={formula} />:{' '}
          {statements
            .slice(0, 2)
            .map(({ text }) => text.toLowerCase())
            .join(', ')}
          .{' '}
        </span>
      ))}
      Local rules and the supplier’s data sheet decide.
    </Text>
  );
}
