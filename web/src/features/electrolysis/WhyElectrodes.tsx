import { LineTable } from '../../shared/parts/LineTable';
import { Alert, Text } from '@mantine/core';
import { sourceText } from '@stoichos/core/matter/substances';
import type { CellElectrode, PredictedCell } from '@stoichos/core/studies/electrolysis';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import { formatVolts } from '@stoichos/core/common';
import classes from '../../shared/study/Study.module.css';
import { atMostFigures, withFigures, formatSetTemperature } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

interface WhyElectrodesProps {
  readonly cell: PredictedCell;
}

/** Why these products: every process that could go with its potential, both schools, and what the words mean. */
export function WhyElectrodes({ cell }: WhyElectrodesProps) {
  return (
    <>
      <OneElectrode sign="minus" electrode={cell.cathode} first="highest" />
      <OneElectrode sign="plus" electrode={cell.anode} first="lowest" />
      <Fold title="Minus, plus, cathode, anode">
        <Text size="sm">
          The cathode is where electrons go into the liquid and something is reduced; the anode is
          where something is oxidised. That holds for every cell. The signs do not: here, where a
          supply drives the current, the cathode is minus and the anode is plus. In a cell that
          gives a current by itself (galvanic) the cathode is plus and the anode is minus. Cations
          move to the cathode and anions to the anode in both.
        </Text>
      </Fold>
      <Fold title="What was taken, and where the numbers come from">
        {cell.notes.map((note) => (
          <Text key={note} size="sm">
            {note}
          </Text>
        ))}
        <Text size="sm">
          {withFigures(1000 * cell.densityAPerCm2, 2)} mA/cm² on {atMostFigures(cell.areaCm2, 3)}{' '}
          cm², {atMostFigures(cell.volumeMl, 3)} mL. E° is taken as at {formatSetTemperature(25)}.
        </Text>
        <ul className="sources">
          {[...new Set(cell.sources.map(sourceText))].map((source) => (
            <li key={source}>
              <Text size="sm" className="quiet">
                <Cited source={source} />
              </Text>
            </li>
          ))}
        </ul>
      </Fold>
    </>
  );
}

function OneElectrode({
  sign,
  electrode,
  first,
}: {
  sign: 'minus' | 'plus';
  electrode: CellElectrode;
  first: 'highest' | 'lowest';
}) {
  const { at, rule, schoolsDiffer } = electrode;
  const told = at.considered.filter(
    ({ share, wholeCurrentV }) => share > 0 || wholeCurrentV !== undefined,
  );
  return (
    <section aria-label={`Why at ${sign}`} className={classes.why}>
      <Text fw={600}>Which goes first at {sign}</Text>
      <Text size="sm" className="quiet">
        The {first} potential for the whole current wins.
      </Text>
      <LineTable
        className={classes.candidates}
        head={['Half-reaction, as a reduction', 'at rest', 'needs', 'share']}
        rows={told.map(({ half, equilibriumV, wholeCurrentV, limitAPerCm2, share }) => [
          <Formula text={half.couple.half} wrap />,
          formatVolts(equilibriumV),
          wholeCurrentV === undefined
            ? `at most ${withFigures((limitAPerCm2 ?? 0) * 1000, 2)} mA/cm²`
            : formatVolts(wholeCurrentV),
          share > 0 && share < 0.005 ? '< 1 %' : `${Math.round(100 * share)} %`,
        ])}
      />
      {at.passive && (
        <Text size="sm">
          The {electrode.electrode.material} does not dissolve: it is covered by {at.passive.cover}.
        </Text>
      )}
      {at.leftAlone.map((reason) => (
        <Text key={reason} size="sm">
          {reason.charAt(0).toUpperCase() + reason.slice(1)}.
        </Text>
      ))}
      <Text size="sm">
        Rule of thumb: <Formula text={rule.product} />, because {rule.because}.
      </Text>
      {schoolsDiffer && (
        <Alert my="xs" title="The two schools differ here" role="note">
          <Text size="sm">
            <Formula text={schoolsDiffer} wrap />
          </Text>
        </Alert>
      )}
    </section>
  );
}
