import { Button, Group, NumberInput, Text, Title } from '@mantine/core';
import { useDebouncedValue, useLocalStorage } from '@mantine/hooks';
import {
  deferral,
  dischargeLimits,
  precipitantsSource,
  sourceText,
  unlimitedElements,
  usualLimits,
  wasteSource,
  wasteSources,
} from '@stoichos/core';
import type { BottlePlan, Clearing, Limits } from '@stoichos/core';
import { IconAlertOctagon } from '@tabler/icons-react';
import { useEffect } from 'react';
import { Formula } from '../chemistry/Formula';
import { useLabDay } from '../days/DayFrame';
import { TaskProgress } from '../worker/TaskProgress';
import { useTask } from '../worker/useTask';
import { PrintButton } from '../parts/PrintButton';
import classes from './PreparePage.module.css';
import { PrepareTabs } from './PrepareTabs';

/** The waste plan: which vessel goes into which bottle, and what makes each bottle harmless. */
export function WastePage() {
  const day = useLabDay();
  const [limits, setLimits] = useLocalStorage<Limits>({
    key: 'stoichos-discharge-limits',
    defaultValue: usualLimits,
    getInitialValueInEffect: false,
  });
  const [settled] = useDebouncedValue(limits, 600);
  const { value: bottles, share, start, cancel } = useTask('waste');
  useEffect(() => void start(wasteSources(day), settled), [day, settled, start]);
  return (
    <>
      <PrepareTabs dayId={day.id} />
      {share !== undefined && (
        <TaskProgress what="Emptying every vessel" share={share} cancel={cancel} />
      )}
      {bottles?.length === 0 && (
        <Text className="quiet">Nothing is planned yet, so there is no waste yet.</Text>
      )}
      {bottles && bottles.length > 0 && (
        <Group justify="space-between" mb="sm">
          <Text className="quiet">
            From the end of every vessel, for all groups. What a current makes is not in it.
          </Text>
          <PrintButton />
        </Group>
      )}
      {bottles?.map((bottle) => (
        <Bottle key={bottle.bottle} bottle={bottle} />
      ))}
      {bottles && bottles.length > 0 && <LimitsForm limits={limits} onChange={setLimits} />}
      <Text size="sm" className="quiet" mt="md">
        {deferral} Precipitants: {sourceText(precipitantsSource)}. Bottles:{' '}
        {sourceText(wasteSource)}.
      </Text>
    </>
  );
}

const amount = (value: number): string => String(Number(value.toPrecision(3)));

function Bottle({ bottle }: { bottle: BottlePlan }) {
  return (
    <section
      className="card keep-together"
      aria-label={bottle.bottle}
      style={{ marginBottom: 14 }}
      data-testid="bottle"
    >
      <Group justify="space-between" align="baseline">
        <Title order={2} size="h4">
          {bottle.bottle}
        </Title>
        <Text>
          {amount(bottle.volumeMl)} mL
          {bottle.solidG > 0.0005 && ` with ${amount(bottle.solidG)} g of solid`}
        </Text>
      </Group>
      <Text className="quiet" size="sm">
        {bottle.because}.
      </Text>
      {bottle.clashes.map(({ one, other, gives, never }) => (
        <Text key={gives} size="sm" fw={600} mt={4}>
          <IconAlertOctagon size={18} aria-hidden style={{ verticalAlign: '-0.25em' }} />{' '}
          {never ? 'Never in one bottle: ' : 'Mind: '}
          <Formula text={one} /> and <Formula text={other} /> give {gives}.
        </Text>
      ))}
      {bottle.first.map((line) => (
        <Text key={line} mt={4}>
          {line}
        </Text>
      ))}
      {bottle.neutralising && (
        <Text mt={4}>
          pH {bottle.neutralising.pH.toFixed(1)}:{' '}
          {bottle.neutralising.volumeMl === undefined ? (
            <>more than is sensible of any weak acid or carbonate; collect it as it is.</>
          ) : (
            <>
              {amount(bottle.neutralising.volumeMl)} mL of{' '}
              <Formula text={bottle.neutralising.substance} /> {bottle.neutralising.concentrationM}{' '}
              mol/L bring it to pH {bottle.neutralising.afterPH?.toFixed(1)}.{' '}
            </>
          )}
          {bottle.neutralising.caution}
        </Text>
      )}
      {bottle.clearings.map((clearing) => (
        <ClearingWords key={clearing.element} clearing={clearing} />
      ))}
      <details>
        <summary className={classes.summary}>
          {bottle.vessels.length} {bottle.vessels.length === 1 ? 'vessel goes' : 'vessels go'} into
          it
        </summary>
        <ul className={classes.working}>
          {bottle.vessels.map(({ from, vessel, times, volumeMl, colour, solids }) => (
            <li key={`${from} ${vessel}`}>
              {from}, {vessel}, {times} ×: {amount(volumeMl)} mL {colour}
              {solids.length > 0 && (
                <>
                  {' with '}
                  <Formula
                    text={solids
                      .map(({ formula, massG }) => `${amount(massG)} g ${formula}`)
                      .join(', ')}
                    wrap
                  />
                </>
              )}
            </li>
          ))}
        </ul>
      </details>
    </section>
  );
}

function ClearingWords({ clearing }: { clearing: Clearing }) {
  const { element, precipitant, neededMl, addMl, leftMgPerL, limitMgPerL } = clearing;
  const name =
    [...dischargeLimits, ...unlimitedElements].find((one) => one.element === element)?.name ??
    element;
  const reagent = (
    <>
      <Formula text={precipitant.substance} /> {precipitant.concentrationM} mol/L
    </>
  );
  if (neededMl === undefined || addMl === undefined)
    return (
      <Text mt={4}>
        {name}: {reagent} does not bring it under {limitMgPerL} mg/L; the least is{' '}
        {amount(leftMgPerL)} mg/L. Collect it as it is.
      </Text>
    );
  if (addMl === 0)
    return (
      <Text mt={4}>
        {name}: once it is neutral, {amount(leftMgPerL)} mg/L are left, under the {limitMgPerL}{' '}
        mg/L. {clearing.filtrateTest}
      </Text>
    );
  return (
    <div>
      <Text mt={4}>
        {name}, {amount(clearing.beforeMgPerL)} mg/L{clearing.afterNeutralising && ' once neutral'}:
        add {amount(addMl)} mL of {reagent} ({amount(neededMl)} mL are just enough).{' '}
        {amount(leftMgPerL)} mg/L are left; the limit is {limitMgPerL} mg/L. Bag{' '}
        {amount(clearing.solidG)} g of <Formula text={clearing.solids.join(', ')} wrap />, dry, as
        hazardous solid.
      </Text>
      {clearing.redissolvesFromMl !== undefined && (
        <Text size="sm" fw={600}>
          Not too much: from {amount(clearing.redissolvesFromMl)} mL on it dissolves again.
        </Text>
      )}
      <Text size="sm">{clearing.filtrateTest}</Text>
    </div>
  );
}

/** The limits, which a school may set lower. */
function LimitsForm({ limits, onChange }: { limits: Limits; onChange: (limits: Limits) => void }) {
  return (
    <section className="card no-print" aria-label="Limits">
      <Group justify="space-between">
        <Title order={2} size="h4">
          May stay dissolved, mg/L
        </Title>
        <Button size="md" variant="default" onClick={() => onChange(usualLimits)}>
          As in the regulation
        </Button>
      </Group>
      <Group gap="sm" mt="xs">
        {[...dischargeLimits, ...unlimitedElements].map(({ element, name }) => (
          <NumberInput
            key={element}
            label={name}
            size="md"
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
      <small className="quiet source">{sourceText(dischargeLimits[0].source)}</small>
    </section>
  );
}
