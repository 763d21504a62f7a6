import { Button, Text } from '@mantine/core';
import { isPoint, testLabel } from '@stoichos/core/studies/identify';
import type { RankedTest, UnknownKind, UnknownSchool } from '@stoichos/core/studies/identify';
import type { UnknownState } from '../../shared/unknowns/unknownState';
import { formatNumber, withPlaces } from '@stoichos/core/common';

const cost = ({ minutes, sampleMg, hazard }: RankedTest): string =>
  `${formatNumber(minutes)} min, ${formatNumber(sampleMg)} mg, hazard ${hazard} of 4`;

/** Where the two schools would go different ways now, and what each would cost. */
export function SchoolNote({
  kind,
  school,
  ranked,
  fixed,
  change,
}: {
  kind: UnknownKind;
  school: UnknownSchool;
  ranked: readonly RankedTest[];
  fixed: string | undefined;
  change: (part: Partial<UnknownState>) => void;
}) {
  const telling = [...ranked]
    .filter(({ test }) => !isPoint(test))
    .sort((one, other) => other.bits - one.bits)[0];
  const ordered = ranked.find(({ test }) => test === fixed);
  if (!telling || fixed === undefined || telling.test === fixed) return null;
  const name = kind === 'organic' ? 'Solubility first' : 'The usual order';
  return (
    <Text size="sm" mt="xs" data-testid="schools">
      The schools differ here. {name}: {testLabel(kind, fixed)}
      {ordered
        ? ` (${withPlaces(ordered.bits, 2)} bits; ${cost(ordered)})`
        : ' (tells next to nothing now)'}
      . Most informative: {telling.label} ({withPlaces(telling.bits, 2)} bits; {cost(telling)}).{' '}
      <Button
        size="compact-md"
        className="no-print"
        onClick={() =>
          change({ school: school === 'mostInformative' ? 'solubilityFirst' : 'mostInformative' })
        }
      >
        {school === 'mostInformative' ? `Go ${name.toLowerCase()}` : 'Go by what tells most'}
      </Button>
    </Text>
  );
}
