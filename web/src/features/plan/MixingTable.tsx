import { Button, Table, Text, UnstyledButton } from '@mantine/core';
import type { FirstLook } from '@stoichos/core/labday/prep';
import type { LabDay } from '@stoichos/core/labday/day';
import { containers } from '@stoichos/core/vessel';
import { IconPlus } from '@tabler/icons-react';
import { useAnswer } from '../../data/worker/useAnswer';
import { Formula } from '../../shared/chemistry/Formula';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import classes from './MixingTable.module.css';
import type { PlannedMixing } from './useMixingDraft';
import { formatNumber } from '@stoichos/core/common';

interface MixingTableProps {
  readonly day: Pick<LabDay, 'procedures' | 'weighings'>;
  readonly lines: readonly PlannedMixing[];
  readonly selected: string | undefined;
  readonly onSelect: (id: string) => void;
  readonly onNew: () => void;
}

/** The two-solution tests of a day, a line each; a tap opens a line in the editor. */
export function MixingTable({ day, lines, selected, onSelect, onNew }: MixingTableProps) {
  const { value: looks } = useAnswer('firstLooks', [day]);
  return (
    <section className={`${classes.lines} no-print`} aria-label="Tests of the day">
      {lines.length > 0 && (
        <Table.ScrollContainer minWidth={0}>
          <Table verticalSpacing={0}>
            <Table.Thead>
              <Table.Tr>
                <Table.Th>Test</Table.Th>
                <Table.Th>Solution A, in the vessel</Table.Th>
                <Table.Th>Solution B, poured in</Table.Th>
                <Table.Th className={classes.wide}>Vessel</Table.Th>
                <Table.Th>It should show</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {lines.map(({ id, a, b, container }, index) => (
                <Table.Tr
                  key={id}
                  data-chosen={id === selected}
                  className={classes.line}
                  onClick={() => onSelect(id)}
                >
                  <Table.Td>
                    <UnstyledButton
                      className={classes.open}
                      aria-pressed={id === selected}
                      aria-label={`Test ${index + 1}: ${a.substance} with ${b.substance}`}
                      onClick={() => onSelect(id)}
                    >
                      {index + 1}
                    </UnstyledButton>
                  </Table.Td>
                  <Table.Td>
                    <PortionText portion={a} />
                  </Table.Td>
                  <Table.Td>
                    <PortionText portion={b} />
                  </Table.Td>
                  <Table.Td className={classes.wide}>{containers[container].name}</Table.Td>
                  <Table.Td>
                    <Look look={looks?.find(({ workId }) => workId === id)} />
                  </Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        </Table.ScrollContainer>
      )}
      <Button
        variant={selected === undefined ? 'light' : 'default'}
        aria-pressed={selected === undefined}
        leftSection={<IconPlus size={18} aria-hidden />}
        onClick={onNew}
      >
        New test
      </Button>
    </section>
  );
}

function PortionText({ portion }: { readonly portion: PlannedMixing['a'] }) {
  return (
    <>
      <Formula text={portion.substance} />{' '}
      <Text span size="sm" className={`quiet ${classes.amount}`}>
        {formatNumber(portion.concentrationM)} M, {formatNumber(portion.volumeMl)} mL
      </Text>
    </>
  );
}

/** The first thing a test should show; nothing while that is being calculated. */
function Look({ look }: { readonly look: FirstLook | undefined }) {
  if (!look) return null;
  return look.main ? <ObservationLine seen={[look.main]} /> : 'not predicted';
}
