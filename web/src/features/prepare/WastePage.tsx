import { Card } from '../../shared/parts/Card';
import { Button, Group, Text, Title } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { wasteSources } from '@stoichos/core/labday/day';
import {
  dischargeLimits,
  precipitantsSource,
  unlimitedElements,
  usualLimits,
} from '@stoichos/core/planning/waste';
import { deferral, wasteSource } from '@stoichos/core/safety';
import type { Limits } from '@stoichos/core/planning/waste';
import { NumberField } from '../../shared/parts/NumberField';
import { useLabDay } from '../../data/useLabDay';
import { DealtUnknowns, KitList } from '../../shared/unknowns/DealtUnknowns';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useMemo } from 'react';
import { useAnswer } from '../../data/worker/useAnswer';
import { PrintButton } from '../../shared/parts/PrintButton';
import { BottleCard } from '../../shared/waste/BottleCard';
import { PrepareTabs } from './PrepareTabs';
import { useLimits } from '../../shared/waste/useLimits';
import { Cited } from '../../shared/parts/Cited';

/** The waste plan: which vessel goes into which bottle, and what makes each bottle harmless. */
export function WastePage() {
  const day = useLabDay();
  const [limits, setLimits] = useLimits();
  const [settled] = useDebouncedValue(limits, 600);
  const sources = useMemo(() => wasteSources(day), [day]);
  const { value: bottles, failure, share, cancel } = useAnswer('waste', [sources, settled]);
  return (
    <>
      <PrepareTabs dayId={day.id} />
      <TaskProgress what="Emptying every vessel" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      <DealtUnknowns
        dayId={day.id}
        otherwise={
          bottles?.length === 0 && (
            <Text className="quiet">Nothing is planned yet, so no waste can be told here yet.</Text>
          )
        }
      >
        {({ waste }) => <KitList lines={waste} />}
      </DealtUnknowns>
      {bottles && bottles.length > 0 && (
        <Group justify="space-between" mb="sm">
          <Text className="quiet">
            From the end of every vessel, for all groups. What a current makes is not in it.
          </Text>
          <PrintButton />
        </Group>
      )}
      {bottles?.map((bottle) => (
        <BottleCard key={bottle.bottle} bottle={bottle} />
      ))}
      {bottles && bottles.length > 0 && <LimitsForm limits={limits} onChange={setLimits} />}
      <Text size="sm" className="quiet" mt="md">
        {deferral} Precipitants: <Cited source={precipitantsSource} />. Bottles:{' '}
        <Cited source={wasteSource} />.
      </Text>
    </>
  );
}

/** The limits, which a school may set lower. */
function LimitsForm({ limits, onChange }: { limits: Limits; onChange: (limits: Limits) => void }) {
  return (
    <Card className="no-print" label="Limits">
      <Group justify="space-between">
        <Title>May stay dissolved, mg/L</Title>
        <Button onClick={() => onChange(usualLimits)}>As in the regulation</Button>
      </Group>
      <Group gap="sm" mt="xs">
        {[...dischargeLimits, ...unlimitedElements].map(({ element, name }) => (
          <NumberField
            key={element}
            label={name}
            w={110}
            min={0.001}
            max={10000}
            value={limits[element] ?? ''}
            placeholder="none"
            onChange={(value) => {
              if (typeof value === 'number' && value > 0) onChange({ ...limits, [element]: value });
              else if (value === '')
                onChange(
                  Object.fromEntries(Object.entries(limits).filter(([own]) => own !== element)),
                );
            }}
          />
        ))}
      </Group>
      <small className="quiet source">
        <Cited source={dischargeLimits[0].source} />
      </small>
    </Card>
  );
}
