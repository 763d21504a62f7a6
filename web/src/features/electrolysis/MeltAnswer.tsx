import { Alert, Text } from '@mantine/core';
import { electrolyse } from '@stoichos/core/studies/electrolysis';
import type {
  CellCurrent,
  CellRequest,
  ElectrolyseAnswer,
} from '@stoichos/core/studies/electrolysis';
import { useMemo } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { attempt } from '../../shared/study/attempt';
import type { Attempt } from '../../shared/study/attempt';
import { asAmount } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';

/** What a melt gives: its own elements, and nothing of water. */
export function MeltAnswer({ request, current }: { request: CellRequest; current: CellCurrent }) {
  const told = useMemo(() => tell(request, current), [request, current]);
  if ('problem' in told)
    return (
      <Alert variant="outline" color="gray" title="Not predicted" role="alert">
        {told.problem}
      </Alert>
    );
  const { answer } = told;
  return (
    <>
      <Text>
        <Formula text={answer.overall} wrap />
      </Text>
      <div className={classes.electrodes}>
        {(['cathode', 'anode'] as const).map((side) => {
          const { products, halfEquation, seen, test } = answer[side];
          const [main] = products;
          return (
            <section
              key={side}
              className={classes.electrode}
              aria-label={side === 'cathode' ? 'Minus' : 'Plus'}
            >
              <Text fw={600}>
                {side === 'cathode' ? 'Minus' : 'Plus'} <span className="quiet">{side}</span>
              </Text>
              <strong className={classes.name} data-testid="product">
                <Formula text={main?.formula ?? ''} />
              </strong>
              <Text>
                <Formula text={halfEquation} wrap />
              </Text>
              {seen !== '' && (
                <Text size="sm">{seen.charAt(0).toUpperCase() + seen.slice(1)}.</Text>
              )}
              {test && (
                <Text size="sm">
                  <span className="quiet">Proof:</span> {test}.
                </Text>
              )}
              {main?.massG !== undefined && (
                <Text size="sm">
                  <span className="quiet">In this time:</span> {asAmount(main.massG, 'g')}
                </Text>
              )}
            </section>
          );
        })}
      </div>
      {answer.why.map((reason) => (
        <Text key={reason} size="sm" mt="xs">
          <Formula text={reason} wrap />
        </Text>
      ))}
      <Alert variant="outline" color="gray" mt="md" title="Mind" role="note">
        A melt burns through what it touches and spatters on anything damp. Fume of the salt and
        halogens are toxic: hood, small amounts, goggles and a screen. Your local rules and the
        supplier’s safety data sheet decide whether it is done at all.
      </Alert>
    </>
  );
}

function tell(
  request: CellRequest,
  { currentA, timeS, conditions }: CellCurrent,
): Attempt<{ readonly answer: ElectrolyseAnswer }> {
  return attempt(() => ({
    answer: electrolyse({
      ...request,
      ...(currentA !== undefined && { currentA }),
      ...(timeS !== undefined && { timeS }),
      temperatureC: conditions.temperatureC,
    }),
  }));
}
