import study from '../../shared/study/Study.module.css';
import { ActionIcon, Box, Button, SegmentedControl, Select, Text, Title } from '@mantine/core';
import { portionWords } from '@stoichos/core/seeing/rack';
import { stressWords } from '@stoichos/core/studies/shift';
import { containers } from '@stoichos/core/vessel';
import type { Stress } from '@stoichos/core/studies/shift';
import type { ContainerKind, VesselSetup, AnyPortion } from '@stoichos/core/vessel';
import { IconTrash } from '@tabler/icons-react';
import { useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import { Formula } from '../../shared/chemistry/Formula';
import { AddPanel } from '../../shared/reagents/AddPanel';
import { ShelfSearch } from '../../shared/reagents/ShelfSearch';
import { kindNames, kindsOf } from '../../shared/reagents/portionDraft';
import type { PortionKind } from '../../shared/reagents/portionDraft';
import { Fold } from '../../shared/parts/Fold';
import classes from './Equilibrium.module.css';
import type { EquilibriumState } from './equilibriumState';

interface StartPanelProps {
  readonly state: EquilibriumState;
  /** Changes the start; what was done to it begins anew. */
  readonly onChange: (change: Partial<EquilibriumState>) => void;
}

const vesselKinds: readonly ContainerKind[] = [
  'testTube',
  'beaker50',
  'beaker',
  'beaker250',
  'beaker400',
  'beaker600',
  'flask',
];

/** What the study starts from: the vessel, what is in it, and the reagents that stand ready. */
export function StartPanel({ state, onChange }: StartPanelProps) {
  const { vessel, stresses } = state;
  const { contents } = vessel;
  return (
    <>
      <Select
        label="Vessel"
        value={vessel.container ?? 'beaker'}
        data={vesselKinds.map((kind) => ({ value: kind, label: containers[kind].name }))}
        onChange={(kind) =>
          onChange({
            vessel: { ...vessel, container: kind as ContainerKind },
            done: [],
            undone: [],
          })
        }
      />
      <Title size="h5" mt="md">
        In it
      </Title>
      {contents.length === 0 ? (
        <Text className="quiet">Nothing yet. Put in what the mixture starts from.</Text>
      ) : (
        <StartContents vessel={vessel} onChange={onChange} contents={contents} />
      )}
      <Fold title="Put more in" open={contents.length === 0}>
        <AddPanel
          vessel="the start"
          there={[]}
          onAdd={(portion) =>
            onChange({
              vessel: { ...vessel, contents: [...contents, portion] },
              done: [],
              undone: [],
            })
          }
        />
      </Fold>
      <Title size="h5" mt="md">
        Standing ready
      </Title>
      <StressList onChange={onChange} stresses={stresses} />
      {stresses.length < 6 && (
        <Fold title="Another reagent">
          <MeansForm
            onAdd={(one) =>
              onChange({
                stresses: [...stresses.filter((it) => stressWords(it) !== stressWords(one)), one],
              })
            }
          />
        </Fold>
      )}
    </>
  );
}

/** The reagents that stand ready. */
function StressList({
  onChange,
  stresses,
}: {
  readonly onChange: (change: Partial<EquilibriumState>) => void;
  readonly stresses: Stress[];
}) {
  return (
    <ul className={classes.list}>
      {stresses.map((one, at) => (
        <li key={stressWords(one)}>
          <Formula text={stressWords(one)} />
          <ActionIcon
            variant="subtle"
            aria-label={`Put ${stressWords(one)} away`}
            onClick={() => onChange({ stresses: stresses.filter((_, it) => it !== at) })}
          >
            <IconTrash size={18} />
          </ActionIcon>
        </li>
      ))}
    </ul>
  );
}

/** What is in the vessel at the start. */
function StartContents({
  vessel,
  onChange,
  contents,
}: {
  readonly vessel: VesselSetup;
  readonly onChange: (change: Partial<EquilibriumState>) => void;
  readonly contents: AnyPortion[];
}) {
  return (
    <ul className={classes.list}>
      {contents.map((portion, at) => (
        <li key={at}>
          <Formula text={portionWords(portion)} wrap />
          <ActionIcon
            variant="subtle"
            aria-label={`Take ${portionWords(portion)} out`}
            onClick={() =>
              onChange({
                vessel: { ...vessel, contents: contents.filter((_, one) => one !== at) },
                done: [],
                undone: [],
              })
            }
          >
            <IconTrash size={18} />
          </ActionIcon>
        </li>
      ))}
    </ul>
  );
}

/** Chooses a reagent to stand ready: as a solution of some strength, as a solid, or as a gas. */
function MeansForm({ onAdd }: { onAdd: (stress: Stress) => void }) {
  const [name, setName] = useState('');
  const [wanted, setWanted] = useState<PortionKind>('solution');
  const [strength, setStrength] = useState<number | string>(1);
  const kinds =
    name === '' ? [] : kindsOf(name).filter((kind) => kind !== 'liquid' || name === 'water');
  const kind = kinds.includes(wanted) ? wanted : kinds[0];
  const strengthM = Number(strength);
  const isGood = kind !== 'solution' || (strengthM > 0 && strengthM <= 30);
  const add = () => {
    if (name === 'water') onAdd({ water: true });
    else if (kind === 'solution') onAdd({ solution: name, concentrationM: strengthM });
    else onAdd(kind === 'gas' ? { gas: name } : { solid: name });
    setName('');
  };
  return (
    <>
      <ShelfSearch label="Reagent" value={name} onChange={setName} />
      {kinds.length > 1 && (
        <SegmentedControl
          fullWidth
          mt="xs"
          aria-label="Reagent as"
          value={kind ?? 'solution'}
          onChange={(value) => setWanted(value)}
          data={kinds.map((one) => ({ value: one, label: kindNames[one] }))}
        />
      )}
      {kind === 'solution' && (
        <NumberField
          label="Strength, mol/L"
          mt="xs"
          value={strength}
          error={isGood ? undefined : 'A strength is above 0 and at most 30 mol/L.'}
          onChange={setStrength}
        />
      )}
      {kind === 'drops' && (
        <Text size="sm" mt="xs">
          An indicator belongs into the start, where it shows what goes on.
        </Text>
      )}
      <Box className={study.chips} mt="sm">
        <Button
          variant="filled"
          disabled={kind === undefined || !isGood || kind === 'drops'}
          onClick={add}
        >
          Let it stand ready
        </Button>
        <Button onClick={() => onAdd({ warmth: true })}>Heating and cooling</Button>
      </Box>
    </>
  );
}
