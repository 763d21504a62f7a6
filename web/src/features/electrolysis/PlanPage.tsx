import { Alert, Text } from '@mantine/core';
import { Formula } from '../../shared/chemistry/Formula';
import { PrintButton } from '../../shared/parts/PrintButton';
import { StudyFrame } from '../../shared/study/StudyFrame';
import { CellSettings } from './CellSettings';
import { DepositPanel } from './DepositPanel';
import { ElectrolysisTabs } from './ElectrolysisTabs';
import { GasPanel } from './GasPanel';
import { SupplyPanel } from './SupplyPanel';
import { useStudyCell } from './useStudyCell';

/** How much, how long, with what supply: for gases in tubes and for deposits. */
export function PlanPage() {
  const { state, change, problem, isMelt, ready } = useStudyCell();
  return (
    <StudyFrame
      title="Electrolysis"
      tools={<PrintButton />}
      settings={{
        label: 'What is set',
        children: <CellSettings state={state} onChange={change} />,
      }}
      answer={{
        label: 'How much and how long',
        children: (
          <>
            <ElectrolysisTabs />
            {problem && (
              <Alert variant="outline" color="red" title="Not planned" role="alert">
                <Formula text={`${problem.message} ${problem.remedy}`} wrap />
              </Alert>
            )}
            {isMelt ? (
              <Text className="quiet">
                Tubes, supplies and coats are planned for solutions; choose one on the left.
              </Text>
            ) : (
              ready && (
                <>
                  <GasPanel {...ready} />
                  <DepositPanel cell={ready.cell} onTake={change} />
                </>
              )
            )}
          </>
        ),
      }}
      reasons={{
        label: 'The supply',
        children: ready ? (
          <SupplyPanel
            request={ready.request}
            areaCm2={ready.cell.areaCm2}
            onTake={(currentA) => change({ currentA: Number(currentA.toPrecision(2)) })}
          />
        ) : (
          <Text className="quiet">What current a supply drives through the cell appears here.</Text>
        ),
      }}
    />
  );
}
