import { Alert, Button, Group, Text } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { nearNames } from '@stoichos/core/safety';
import { IconAlertOctagon } from '@tabler/icons-react';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from './Formula';

interface NearNameNoteProps {
  readonly substance: string;
  /** Takes the neighbour instead. */
  readonly onTake: (formula: string) => void;
  /** Says that the dangerous one is really meant; absent where nothing asks. */
  readonly onMean?: () => void;
}

/** Names that have been mixed up with the chosen one: a word of care, or a question where the chosen one is the dangerous one. */
export function NearNameNote({ substance, onTake, onMean }: NearNameNoteProps) {
  const { naming } = useSettings();
  const near = nearNames(substance);
  const asked = near.filter(({ mustAsk }) => mustAsk);
  if (asked.length > 0 && onMean)
    return (
      <Alert
        role="alert"
        icon={<IconAlertOctagon size={22} />}
        title={`Do you mean ${nameOnShelf(naming, substance)}?`}
      >
        {asked.map(({ formula, message }) => (
          <Text key={formula} size="sm">
            {message}
          </Text>
        ))}
        <Group gap="xs" mt="xs">
          {asked.map(({ formula }) => (
            <Button variant="filled" key={formula} onClick={() => onTake(formula)}>
              No, {nameOnShelf(naming, formula)}
            </Button>
          ))}
          <Button onClick={onMean}>Yes, {nameOnShelf(naming, substance)}</Button>
        </Group>
      </Alert>
    );
  const graver = near.filter(({ graver: which }) => which === 'other');
  if (graver.length === 0) return null;
  return (
    <Text size="sm" className="quiet" data-testid="near-name">
      Not to be mistaken for{' '}
      {graver.map(({ formula }, at) => (
        <span key={formula}>
          {at > 0 && ', '}
          {nameOnShelf(naming, formula)} (<Formula text={formula} />)
        </span>
      ))}
      : read the label twice.
    </Text>
  );
}
