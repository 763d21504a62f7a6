import { Text } from '@mantine/core';
import { usualCaution } from '@stoichos/core/safety';
import type { Bottle } from '@stoichos/core/safety';
import { IconAlertTriangle } from '@tabler/icons-react';
import { Formula } from '../../shared/chemistry/Formula';

/** The cautions that belong to this step, beside it. */
export function StepCautions({ bottles }: { bottles: readonly Bottle[] }) {
  return (
    <Text size="sm" my="sm" style={{ borderLeft: '3px solid var(--glass)', paddingLeft: 10 }}>
      <IconAlertTriangle size={16} aria-hidden className="in-line" />{' '}
      <Formula text={usualCaution(bottles)} wrap />
    </Text>
  );
}
