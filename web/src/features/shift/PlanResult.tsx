import { Alert, Button, Group, Text, Title } from '@mantine/core';
import {
  dropsToSpare,
  stressWords,
  shiftCautions,
  unreachedWords,
  targetWords,
} from '@stoichos/core/studies/shift';
import type { ColourPlan, PlanStage } from '@stoichos/core/studies/shift';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './Equilibrium.module.css';
import {
  atMostFigures,
  formatSetTemperature,
  withPlaces,
  formatNumber,
  formatQuantity,
} from '@stoichos/core/common';

interface PlanResultProps {
  readonly plan: ColourPlan;
  readonly onWalk: () => void;
  readonly onClose: () => void;
}

/** A plan: the colour path as a strip with its additions, each with how exactly it has to be measured. */
export function PlanResult({ plan, onWalk, onClose }: PlanResultProps) {
  const { stages, unreached, withoutPouring, concentratedMl } = plan;
  const end = stages.at(-1);
  const path = stages.flatMap(({ strip }, at) => (at === 0 ? [] : strip));
  return (
    <div data-testid="plan" className="keep-together">
      <Title mt="md" mb="xs">
        The plan
      </Title>
      {path.length > 0 && (
        <>
          <div
            className={classes.strip}
            role="img"
            aria-label={`Colour path: ${stages.map(({ sight }) => sight.colour).join(', ')}`}
          >
            {path.map(({ hex }, at) => (
              <span key={at} style={{ background: hex }} />
            ))}
          </div>
          <Marks stages={stages.slice(1)} />
        </>
      )}
      <ol className={classes.plan}>
        {stages.map((stage, at) => (
          <li key={at}>
            <Stage stage={stage} />
          </li>
        ))}
      </ol>
      {withoutPouring && (
        <Text size="sm" mb="xs">
          Without pouring any away: <Formula text={lower(unreachedWords(withoutPouring))} wrap />
        </Text>
      )}
      {unreached && (
        <Alert title="Not reached" mb="sm" role="note">
          <Formula text={unreachedWords(unreached)} wrap />
        </Alert>
      )}
      {end && stages.length > 1 && (
        <Text size="sm" className="quiet" mb="sm">
          {concentratedMl > 0 &&
            `${withPlaces(concentratedMl, 1)} mL of concentrated reagent in all; `}
          {withPlaces(end.volumeMl, 0)} mL at the end.
        </Text>
      )}
      <Group gap="xs" className="no-print">
        {stages.length > 1 && (
          <Button variant="filled" onClick={onWalk}>
            Walk it
          </Button>
        )}
        <Button onClick={onClose}>Put the plan away</Button>
      </Group>
    </div>
  );
}

/** Under the strip: where each addition ends. */
function Marks({ stages }: { stages: readonly PlanStage[] }) {
  return (
    <div style={{ display: 'flex', fontSize: '0.82rem' }} aria-hidden>
      {stages.map(({ stress, amount, unit, poursAway }, at) => (
        <span
          key={at}
          className="quiet"
          style={{
            flex: 1,
            textAlign: 'right',
            borderRight: '2px solid var(--mantine-color-text)',
            padding: '2px 5px',
          }}
        >
          {poursAway !== undefined && `pour ${Math.round(100 * poursAway)} % away, `}
          {stress && 'warmth' in stress
            ? formatSetTemperature(amount)
            : `+${formatQuantity(amount, unit)}`}
        </span>
      ))}
    </div>
  );
}

function Stage({ stage }: { stage: PlanStage }) {
  const { target, stress, amount, unit, sight, range, open, poursAway, volumeMl } = stage;
  const spare = dropsToSpare(stage);
  return (
    <>
      <Group gap="xs" wrap="nowrap" align="flex-start">
        <span
          className={classes.bar}
          style={{ width: 34, height: 34, flex: 'none', background: sight.hex }}
          aria-hidden
        />
        <div>
          <Text fw={600}>{targetWords(target)}</Text>
          <Text>
            {stress === undefined ? (
              'As it stands at the start.'
            ) : (
              <>
                {poursAway !== undefined && `Pour ${Math.round(100 * poursAway)} % away, then `}
                {'warmth' in stress ? (
                  `bring it to ${formatSetTemperature(amount)}`
                ) : (
                  <Formula text={`${formatNumber(amount)} ${unit} of ${stressWords(stress)}`} />
                )}
                {' → '}
                {sight.cloudy ? 'cloudy ' : ''}
                {sight.colour}, {withPlaces(volumeMl, 0)} mL in all
              </>
            )}
          </Text>
          {stress !== undefined &&
            shiftCautions({ contents: [] }, [], [stress]).lines.map((line) => (
              <Text key={line} size="sm" fw={600}>
                <Formula text={line} wrap />
              </Text>
            ))}
          {stress !== undefined && (
            <Text size="sm" className="quiet">
              Right from {short(range[0])} to{' '}
              {open ? 'as much as there is room for' : `${short(range[1])} ${unit}`}
              {spare !== undefined && `: ${spareWords(spare)}`}
            </Text>
          )}
        </div>
      </Group>
    </>
  );
}

/** More drops than this nobody counts. */
const countable = 60;

function spareWords(drops: number): string {
  if (drops < 1) return 'not one drop too many';
  if (drops > countable) return `${Math.round(drops / 20)} mL too much still look right`;
  return `${drops} ${drops === 1 ? 'drop' : 'drops'} too many still ${drops === 1 ? 'looks' : 'look'} right`;
}

const short = (value: number): string => atMostFigures(value, 2);
const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
