import { Card } from '../parts/Card';
import { Box, Button, Text, Title } from '@mantine/core';
import { testKit } from '@stoichos/core/studies/identify';
import type { TestKit } from '@stoichos/core/studies/identify';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useOversightQuery } from '../../data/api/api';

/** On a stage that is otherwise about what is planned: the unknowns of the day, and what this stage has to say of them. Where none are dealt, what stands there otherwise. */
export function DealtUnknowns({
  dayId,
  children,
  otherwise = null,
}: {
  dayId: string;
  children: (kit: TestKit) => ReactNode;
  otherwise?: ReactNode;
}) {
  const { currentData: data } = useOversightQuery(dayId);
  const dealt = data?.unknowns ?? [];
  if (dealt.length === 0) return otherwise;
  return (
    <Card label="Unknowns of the day" my="md">
      <Title mb={4}>
        {dealt.length === 1 ? 'An unknown for one bench' : `Unknowns for ${dealt.length} benches`}
      </Title>
      {children(testKit(dealt.map(({ kind }) => kind)))}
      <Button
        variant="filled"
        component={Link}
        to={`/days/${dayId}/groups`}
        mt="sm"
        className="no-print"
      >
        Codes, answers and keys
      </Button>
    </Card>
  );
}

/** Lines of the kit, each with its point. */
export function KitList({ lines }: { lines: readonly string[] }) {
  return (
    <Box component="ul" my={0} mt={4}>
      {lines.map((line) => (
        <li key={line}>
          <Text>{line}</Text>
        </li>
      ))}
    </Box>
  );
}
