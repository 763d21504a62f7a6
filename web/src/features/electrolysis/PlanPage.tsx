import { Text } from '@mantine/core';
import { Refusal } from '../../shared/parts/Refusal';
import { useStudyAddress } from '../../shared/study/useStudy';
import { CellFrame } from './CellFrame';
import { DepositPanel } from './DepositPanel';
import { GasPanel } from './GasPanel';
import { SupplyPanel } from './SupplyPanel';
import { usePlanStudy } from './useElectrolysis';
import { useStudyCell } from './useStudyCell';

/** How much, how long, with what supply: for gases in tubes and for deposits. */
export function PlanPage() {
  useStudyAddress(usePlanStudy());
  const { problem, melt, ready } = useStudyCell();
  return (
    <CellFrame
      answer={{
        label: 'How much and how long',
        children: (
          <>
            <Refusal title="Not planned" of={problem} />
            {melt && (
              <Text className="quiet">
                Tubes, supplies and coats are planned for solutions; choose one on the left.
              </Text>
            )}
            {ready && (
              <>
                <GasPanel {...ready} />
                <DepositPanel cell={ready.cell} />
              </>
            )}
          </>
        ),
      }}
      reasons={{
        label: 'The supply',
        children: ready ? (
          <SupplyPanel request={ready.request} areaCm2={ready.cell.areaCm2} />
        ) : (
          <Text className="quiet">What current a supply drives through the cell appears here.</Text>
        ),
      }}
    />
  );
}
