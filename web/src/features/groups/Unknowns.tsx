import { Card } from '../../shared/parts/Card';
import { Button, Group, Table, Text, Title } from '@mantine/core';
import { IconPrinter } from '@tabler/icons-react';
import type {
  AssignedUnknown,
  Oversight,
  SealedUnknown,
  UnknownAnswer,
} from '@stoichos/core/labday/access';
import { useState } from 'react';
import { useAnswersQuery, useKeysQuery, useSessionQuery } from '../../data/api/api';
import { useLabDay } from '../../data/useLabDay';
import { Fold } from '../../shared/parts/Fold';
import { CandidateName } from '../../shared/unknowns/CandidateName';
import classes from './Groups.module.css';
import { MarkOfAnswer } from './MarkOfAnswer';
import { Deal } from './DealUnknowns';

/** Which jar each bench has to identify, and what it says. What is in it stays sealed until the instructor asks for it, and that is written down. */
export function Unknowns({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const { data: session } = useSessionQuery();
  const isInstructor = session?.role === 'instructor';
  const [shown, setShown] = useState(false);
  const { currentData: keys } = useKeysQuery(day.id, { skip: !shown });
  const { currentData: answers = [] } = useAnswersQuery(day.id, { skip: !isInstructor });
  if (!isInstructor) return null;
  return (
    <Card label="Unknowns" mt="md">
      <Group justify="space-between">
        <Title>Unknowns</Title>
        <Group gap="xs" className="no-print">
          <Button
            leftSection={<IconPrinter size={18} aria-hidden />}
            disabled={oversight.unknowns.length === 0}
            onClick={() => window.print()}
          >
            Print the codes
          </Button>
          <Button
            aria-pressed={shown}
            disabled={oversight.unknowns.length === 0}
            onClick={() => setShown(!shown)}
          >
            {shown ? 'Seal the keys' : 'Show the keys'}
          </Button>
        </Group>
      </Group>
      <Text size="sm" className="quiet no-print">
        A bench sees the code on its jar and never the key. Keys on the screen are keys in the room.
      </Text>
      {oversight.unknowns.length > 0 && (
        <Dealt unknowns={oversight.unknowns} keys={shown ? keys : undefined} answers={answers} />
      )}
      <div className="no-print">
        <Fold title={oversight.unknowns.length === 0 ? 'Deal them out' : 'Deal anew'} lazy>
          <Deal isDealt={oversight.unknowns.length > 0} handedIn={answers.length} />
        </Fold>
      </div>
    </Card>
  );
}

function Dealt({
  unknowns,
  keys,
  answers,
}: {
  unknowns: readonly AssignedUnknown[];
  keys: readonly SealedUnknown[] | undefined;
  answers: readonly UnknownAnswer[];
}) {
  const day = useLabDay();
  return (
    <Table.ScrollContainer minWidth={420}>
      <Table verticalSpacing="xs" data-testid="dealt">
        <Table.Thead>
          <Table.Tr>
            <Table.Th>Bench</Table.Th>
            <Table.Th>Code</Table.Th>
            <Table.Th className="no-print">Handed in</Table.Th>
            {keys && <Table.Th className="no-print">Key and mark</Table.Th>}
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {day.groups.map((group) => {
            const own = unknowns.find(({ groupId }) => groupId === group.id);
            if (!own) return null;
            const answer = answers
              .filter(({ groupId, code }) => groupId === group.id && code === own.code)
              .at(-1);
            const key = keys?.find(({ groupId }) => groupId === group.id);
            return (
              <Table.Tr key={group.id}>
                <Table.Th scope="row">{group.name}</Table.Th>
                <Table.Td className={classes.jarCode}>{own.code}</Table.Td>
                <Table.Td className="no-print">
                  {answer ? (
                    <>
                      {answer.answer}{' '}
                      <span className="quiet">
                        by {answer.results.length} {answer.results.length === 1 ? 'test' : 'tests'}
                      </span>
                    </>
                  ) : (
                    <span className="quiet">nothing yet</span>
                  )}
                </Table.Td>
                {keys && (
                  <Table.Td className="no-print" data-testid={`key-${group.name}`}>
                    {key && <CandidateName kind={key.kind} name={key.key} />}
                    {key && answer && <MarkOfAnswer sealed={key} answer={answer} />}
                  </Table.Td>
                )}
              </Table.Tr>
            );
          })}
        </Table.Tbody>
      </Table>
    </Table.ScrollContainer>
  );
}
