import { Text } from '@mantine/core';
import { reagentText } from '@stoichos/core/studies/gas';
import type { Amounts, Route } from '@stoichos/core/studies/gas';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { asAmount } from '../../shared/study/asAmount';
import type { Attempt } from '../../shared/study/attempt';
import study from '../../shared/study/Study.module.css';
import type { GasState } from './gasState';

interface AmountsPanelProps {
  readonly route: Route;
  readonly amounts: Attempt<Amounts>;
  readonly state: GasState;
}

/** What is weighed and measured, what limits, and whether it fits. */
export function AmountsPanel({ route, amounts, state }: AmountsPanelProps) {
  if ('problem' in amounts)
    return (
      <Text role="alert" mt="sm">
        {amounts.problem}
      </Text>
    );
  const { vessel } = amounts;
  return (
    <section aria-label="Amounts">
      {route.equation && (
        <Text size="sm">
          <Formula text={route.equation} wrap />
        </Text>
      )}
      <div className={study.answers} data-testid="amounts">
        {amounts.taken.map(({ reagent, limits, massG, volumeMl, drops, words }) => (
          <div key={reagentText(reagent)}>
            <span className="quiet">
              <Formula text={massG === undefined ? reagentText(reagent) : reagent.kept} wrap />
            </span>
            <strong>
              {words ??
                (massG !== undefined
                  ? asAmount(massG, 'g')
                  : drops !== undefined
                    ? `${drops} drops`
                    : asAmount(volumeMl ?? 0, 'mL'))}
            </strong>
            <span className="quiet">
              {words
                ? ''
                : limits
                  ? 'limits'
                  : `with ${state.excessPercent === '' ? 0 : state.excessPercent} % excess`}
              {drops !== undefined && `, ${asAmount(volumeMl ?? 0, 'mL')}`}
            </span>
          </div>
        ))}
        <div>
          <span className="quiet">Gas made in all</span>
          <strong>{asAmount(amounts.madeMmol, 'mmol')}</strong>
          <span className="quiet">with what is lost</span>
        </div>
      </div>
      {vessel && (
        <Text
          role={vessel.fits ? undefined : 'alert'}
          data-testid="fits"
          fw={vessel.fits ? 400 : 600}
        >
          {vessel.fits
            ? `Fits a ${asAmount(vessel.brimMl, 'mL')} generator, filled to a third at most; full to there it makes ${asAmount(vessel.mostGasMl, 'mL')} of gas.`
            : `Does not fit: a ${asAmount(vessel.brimMl, 'mL')} generator is filled to a third, ${asAmount(vessel.workingMl, 'mL')}, and makes at most ${asAmount(vessel.mostGasMl, 'mL')} of gas at once. Take a larger one, or fill it ${vessel.fillings} times.`}{' '}
          Never shut: with the outlet blocked the pressure would come to about{' '}
          {Math.round(vessel.blockedKPa)} kPa.
        </Text>
      )}
      <Fold title="Working">
        {amounts.working.map((line) => (
          <Text key={line} size="sm">
            <Formula text={line} wrap />
          </Text>
        ))}
      </Fold>
    </section>
  );
}
