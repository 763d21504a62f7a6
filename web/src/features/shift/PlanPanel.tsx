import { ActionIcon, Button, Checkbox, Select, Text } from '@mantine/core';
import { colourWords } from '@stoichos/core/seeing/appearance';
import { stressWords, targetWords } from '@stoichos/core/studies/shift';
import { containerInWords } from '@stoichos/core/vessel';
import type { Stress, Target } from '@stoichos/core/studies/shift';
import type { ContainerKind } from '@stoichos/core/vessel';
import { IconTrash } from '@tabler/icons-react';
import { useState } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { Swatch } from '../../shared/chemistry/Swatch';
import classes from './Equilibrium.module.css';

interface PlanPanelProps {
  readonly container: ContainerKind;
  readonly stresses: readonly Stress[];
  readonly targets: readonly Target[];
  readonly busy: boolean;
  readonly onChange: (targets: Target[]) => void;
  readonly onPlan: () => void;
}

const mostWishes = 8;

/** The colours wanted, in order; the first is what the start should show. */
export function PlanPanel({
  container,
  stresses,
  targets,
  busy,
  onChange,
  onPlan,
}: PlanPanelProps) {
  const [colour, setColour] = useState<Target['colour']>('green');
  const [cloudy, setCloudy] = useState(false);
  return (
    <>
      <Text size="sm" className="quiet" mb="sm">
        In the {containerInWords(container)}, with{' '}
        <Formula text={stresses.map(stressWords).join(', ')} wrap />. Both are changed under
        “Start”.
      </Text>
      <Text mb="xs">Colours to go through, in order:</Text>
      {targets.length === 0 ? (
        <Text className="quiet" mb="sm">
          None yet. Add the colours one after the other.
        </Text>
      ) : (
        <ol className={classes.list} data-testid="targets">
          {targets.map((target, at) => (
            <li key={at}>
              <span>
                <Swatch colour={target.colour} /> {at + 1}. {targetWords(target)}
              </span>
              <ActionIcon
                variant="subtle"
                aria-label={`Leave out ${targetWords(target)}, number ${at + 1}`}
                onClick={() => onChange(targets.filter((_, one) => one !== at))}
              >
                <IconTrash size={18} />
              </ActionIcon>
            </li>
          ))}
        </ol>
      )}
      {targets.length < mostWishes && (
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
            onChange={(value) => setColour(value as Target['colour'])}
          />
          <Checkbox
            mt="xs"
            label="Cloudy: a solid stirred up"
            checked={cloudy}
            onChange={(event) => setCloudy(event.currentTarget.checked)}
          />
          <Button mt="sm" fullWidth onClick={() => onChange([...targets, { colour, cloudy }])}>
            Add to the colours
          </Button>
        </>
      )}
      <Button
        variant="filled"
        mt="sm"
        fullWidth
        disabled={targets.length === 0 || busy}
        onClick={onPlan}
      >
        Plan it
      </Button>
    </>
  );
}
