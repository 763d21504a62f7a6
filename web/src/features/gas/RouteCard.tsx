import { Button, Text } from '@mantine/core';
import { plainFormula } from '@stoichos/core/matter/formula';
import { gasName, routeTitle, washingFor } from '@stoichos/core/studies/gas';
import type { Grades, Route } from '@stoichos/core/studies/gas';
import {
  IconAlertTriangle,
  IconCircleCheck,
  IconHelpHexagon,
  IconSquareRoundedX,
} from '@tabler/icons-react';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './Gases.module.css';

export const verdictWords = {
  valid: { word: 'good', Icon: IconCircleCheck },
  poor: { word: 'poor', Icon: IconAlertTriangle },
  refused: { word: 'not this way', Icon: IconSquareRoundedX },
  notPredicted: { word: 'not predicted', Icon: IconHelpHexagon },
} as const;

interface RouteCardProps {
  readonly route: Route;
  readonly taken: boolean;
  readonly onTake?: () => void;
}

/** One route: what goes together, whether it will do and why, what comes with it, how it is graded. */
export function RouteCard({ route, taken, onTake }: RouteCardProps) {
  const { word, Icon } = verdictWords[route.verdict];
  const goes = route.verdict === 'valid' || route.verdict === 'poor';
  return (
    <article className={classes.route} data-verdict={route.verdict} data-taken={taken}>
      <div className={classes.routeHead}>
        <Text fw={600} size="lg">
          <Formula text={routeTitle(route)} wrap />
        </Text>
        <span className={classes.verdict}>
          <Icon size={20} stroke={1.8} aria-hidden /> {word}
        </span>
      </div>
      {route.equation && goes && (
        <Text>
          <Formula text={route.equation} wrap />
        </Text>
      )}
      <Text size="sm">
        <Formula text={sentence(route.why)} wrap />
      </Text>
      {goes && (
        <>
          <RouteFacts route={route} />
          {route.cautions.map((text) => (
            <Text key={text} size="sm" className={classes.caution}>
              <IconAlertTriangle size={16} aria-hidden /> {text}
            </Text>
          ))}
          {onTake && (
            <Button
              mt="xs"
              className="no-print"
              variant={taken ? 'filled' : 'default'}
              aria-pressed={taken}
              aria-label={`${taken ? 'Taken' : 'Take this route'}: ${routeTitle(route)}`}
              onClick={onTake}
            >
              {taken ? 'Taken' : 'Take this route'}
            </Button>
          )}
        </>
      )}
    </article>
  );
}

/** What comes with the gas, what washes it, and how the route is graded. */
function RouteFacts({ route }: { readonly route: Route }) {
  const { washings, stays } = washingFor(route);
  return (
    <dl className={classes.routeFacts}>
      {route.leftBehind.length > 0 && (
        <>
          <dt>Stays behind</dt>
          <dd>
            <Formula text={route.leftBehind.join(', ')} wrap />
          </dd>
        </>
      )}
      {(route.otherGases.length > 0 || route.fumes || route.steam) && (
        <>
          <dt>Comes along</dt>
          <dd>
            {[
              ...route.otherGases.map(
                ({ formula, share }) => `${gasName(formula)} (${Math.round(100 * share)} %)`,
              ),
              ...(route.fumes ? [`fumes of ${plainFormula(route.fumes)}`] : []),
              ...(route.steam ? ['steam'] : []),
            ].join(', ')}
          </dd>
        </>
      )}
      {washings.length > 0 && (
        <>
          <dt>Wash with</dt>
          <dd>
            {washings
              .map(({ takes, with: liquid }) => `${liquid} (takes ${plainFormula(takes)})`)
              .join('; ')}
          </dd>
        </>
      )}
      {stays.length > 0 && (
        <>
          <dt>Stays in it</dt>
          <dd>{stays.map((one) => gasName(one)).join(', ')}</dd>
        </>
      )}
      <dt>Graded</dt>
      <dd>
        <GradeDots grades={route.grades} />
      </dd>
    </dl>
  );
}

/** Reasons as one sentence. */
function sentence(reasons: readonly string[]): string {
  const text = reasons.map((one) => one.replace(/\.$/, '')).join('; ');
  return text === '' ? '' : `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

function GradeDots({ grades }: { grades: Grades }) {
  return (
    <span className={classes.grades}>
      {(Object.keys(grades) as (keyof Grades)[]).map((name) => (
        <span key={name} role="img" aria-label={`${name} ${grades[name]} of 3`}>
          {name} <span aria-hidden>{'●'.repeat(grades[name]) + '○'.repeat(3 - grades[name])}</span>
        </span>
      ))}
    </span>
  );
}
