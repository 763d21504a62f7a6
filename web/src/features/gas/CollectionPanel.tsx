import { LineTable } from '../../shared/parts/LineTable';
import { Box, Group, Text } from '@mantine/core';
import { gasName } from '@stoichos/core/studies/gas';
import type { Collection, CollectionMethod, LostToWater } from '@stoichos/core/studies/gas';
import { useGas } from './useGas';
import { IconCircleCheck, IconSquareRoundedX } from '@tabler/icons-react';
import { formatAmount } from '@stoichos/core/common';
import type { Attempt } from '@stoichos/core/common';
import study from '../../shared/study/Study.module.css';
import { formatNumber, withPlaces } from '@stoichos/core/common';

interface CollectionPanelProps {
  readonly collection: Attempt<Collection>;
  readonly method: CollectionMethod;
  readonly lost: Attempt<LostToWater>;
}

/** Every way to catch the gas under both its names, which will do, and the numbers that decide. */
export function CollectionPanel({ collection, method, lost }: CollectionPanelProps) {
  const { gas } = useGas().state;
  if ('problem' in collection) return <Text role="alert">{collection.problem}</Text>;
  const chosen = collection.methods.find((one) => one.method === method);
  return (
    <section aria-label="Collection">
      <Text fw={600}>How {gasName(gas)} is caught</Text>
      {chosen && !chosen.ok && (
        <Text role="alert" fw={600} mt="xs">
          Not {chosen.name}: {chosen.why}.
        </Text>
      )}
      <ul className="bare" data-testid="collection">
        {collection.methods.map(({ method: id, name, alsoCalled, ok, why }) => (
          <Box component="li" key={id} mb="xs">
            <Group display="inline-flex" gap="0.35rem" align="baseline">
              {ok ? (
                <IconCircleCheck size={18} aria-label="will do" />
              ) : (
                <IconSquareRoundedX size={18} aria-label="will not do" />
              )}
              <strong>{name}</strong>
            </Group>{' '}
            <span className="quiet">({alsoCalled})</span>
            <Text size="sm">{why}</Text>
          </Box>
        ))}
      </ul>
      <LineTable
        className={study.lines}
        rows={[
          ['Molar mass', <>{withPlaces(collection.molarMassGPerMol, 2)} g/mol</>],
          ['Sinks above, exactly', <>{withPlaces(collection.exactThresholdGPerMol, 2)} g/mol</>],
          [
            'Sinks above, rule of thumb',
            <>{formatNumber(collection.ruleThresholdGPerMol)} g/mol</>,
          ],
          [
            'Density, air’s',
            <>
              {withPlaces(collection.densityGPerL, 2)}, {withPlaces(collection.airDensityGPerL, 2)}{' '}
              g/L
            </>,
          ],
        ]}
      />
      {collection.ruleDiffers && <Text size="sm">{collection.ruleDiffers}</Text>}
      {method === 'overWater' && !('problem' in lost) && (
        <Text size="sm" mt="xs" data-testid="lost">
          Lost to the water: about {formatAmount(lost.usualMl, 'mL')}, at most{' '}
          {formatAmount(lost.mostMl, 'mL')} if all of it became saturated.
        </Text>
      )}
    </section>
  );
}
