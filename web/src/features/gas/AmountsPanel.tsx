import { Text } from '@mantine/core';
import { reagentText } from '@stoichos/core/studies/gas';
import type { Amounts, Route } from '@stoichos/core/studies/gas';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { formatAmount } from '@stoichos/core/common';
import type { Attempt } from '@stoichos/core/common';
import { Figures } from '../../shared/parts/Figures';
import type { Figure } from '../../shared/parts/Figures';
import { useGas } from './useGas';

interface AmountsPanelProps {
  readonly route: Route;
  readonly amounts: Attempt<Amounts>;
}

/** What is weighed and measured, what limits, and whether it fits. */
export function AmountsPanel({ route, amounts }: AmountsPanelProps) {
  const { state } = useGas();
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
      <Figures
        data-testid="amounts"
        of={[
          ...amounts.taken.map(({ reagent, limits, massG, volumeMl, drops, words }): Figure => {
            const measured = formatAmount(volumeMl ?? 0, 'mL');
            return [
              <Formula
                key="of"
                text={massG === undefined ? reagentText(reagent) : reagent.kept}
                wrap
              />,
              words ??
                (massG !== undefined
                  ? formatAmount(massG, 'g')
                  : drops !== undefined
                    ? `${drops} drops`
                    : measured),
              [
                words === undefined &&
                  (limits
                    ? 'limits'
                    : `with ${state.excessPercent === '' ? 0 : state.excessPercent} % excess`),
                drops !== undefined && measured,
              ]
                .filter((note) => note !== false)
                .join(', '),
            ];
          }),
          ['Gas made in all', formatAmount(amounts.madeMmol, 'mmol'), 'with what is lost'],
        ]}
      />
      {vessel && (
        <Text
          role={vessel.fits ? undefined : 'alert'}
          data-testid="fits"
          fw={vessel.fits ? 400 : 600}
        >
          {vessel.fits
            ? `Fits a ${formatAmount(vessel.brimMl, 'mL')} generator, filled to a third at most; full to there it makes ${formatAmount(vessel.mostGasMl, 'mL')} of gas.`
            : `Does not fit: a ${formatAmount(vessel.brimMl, 'mL')} generator is filled to a third, ${formatAmount(vessel.workingMl, 'mL')}, and makes at most ${formatAmount(vessel.mostGasMl, 'mL')} of gas at once. Take a larger one, or fill it ${vessel.fillings} times.`}{' '}
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
