import { ActionIcon, Button, Checkbox, Select, Text } from '@mantine/core';
import { colourWords } from '@stoichos/core/seeing/appearance';
import { meansWords, wishWords } from '@stoichos/core/studies/shift';
import { containerInWords } from '@stoichos/core/vessel';
import type { Means, Wish } from '@stoichos/core/studies/shift';
import type { ContainerKind } from '@stoichos/core/vessel';
import { IconTrash } from '@tabler/icons-react';
import { useState } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { Swatch } from '../../shared/chemistry/Swatch';
import classes from './Equilibrium.module.css';

interface PlanPanelProps {
  readonly container: ContainerKind;
  readonly means: readonly Means[];
  readonly wishes: readonly Wish[];
  readonly busy: boolean;
  readonly onChange: (wishes: Wish[]) => void;
  readonly onPlan: () => void;
}

const mostWishes = 8;

/** The colours wanted, in order; the first is what the start should show. */
export function PlanPanel({ container, means, wishes, busy, onChange, onPlan }: PlanPanelProps) {
  const [colour, setColour] = useState<Wish['colour']>('green');
  const [cloudy, setCloudy] = useState(false);
  return (
    <>
      <Text size="sm" className="quiet" mb="sm">
        In the {containerInWords(container)}, with{' '}
        <Formula text={means.map(meansWords).join(', ')} wrap />. Both are changed under “Start”.
      </Text>
      <Text mb="xs">Colours to go through, in order:</Text>
      {wishes.length === 0 ? (
        <Text className="quiet" mb="sm">
          None yet. Add the colours one after the other.
        </Text>
      ) : (
        <ol className={classes.list} data-testid="wishes">
          {wishes.map((wish, at) => (
            <li key={at}>
              <span>
                <Swatch colour={wish.colour} /> {at + 1}. {wishWords(wish)}
              </span>
              <ActionIcon
                variant="subtle"
                aria-label={`Leave out ${wishWords(wish)}, number ${at + 1}`}
                onClick={() => onChange(wishes.filter((_, one) => one !== at))}
              >
                <IconTrash size={18} />
              </ActionIcon>
            </li>
          ))}
        </ol>
      )}
      {wishes.length < mostWishes && (
        <>
          <Select
            label="Next colour"
            value={colour}
            data={[...colourWords]}
            renderOption={({ option }) => (
              <span>
                <Swatch colour={option.value} /> {option.value}
              </span>
            )}
            onChange={(value) => setColour(value as Wish['colour'])}
          />
          <Checkbox
            mt="xs"
            label="Cloudy: a solid stirred up"
            checked={cloudy}
            onChange={(event) => setCloudy(event.currentTarget.checked)}
          />
          <Button mt="sm" fullWidth onClick={() => onChange([...wishes, { colour, cloudy }])}>
            Add to the colours
          </Button>
        </>
      )}
      <Button
        variant="filled"
        mt="sm"
        fullWidth
        disabled={wishes.length === 0 || busy}
        onClick={onPlan}
      >
        Plan it
      </Button>
    </>
  );
}
