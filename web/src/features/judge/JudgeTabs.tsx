import { SubTabs } from '../../shared/parts/SubTabs';

/** The views of the stage. */
export function JudgeTabs({ dayId }: { dayId: string }) {
  const at = `/days/${dayId}/judge`;
  return (
    <SubTabs
      label="Views of the judgement"
      tabs={[
        { to: at, label: 'Class board' },
        { to: `${at}/circuit`, label: 'Physical or chemical' },
        { to: `${at}/measurements`, label: 'Measurements' },
        { to: `${at}/activity`, label: 'Activity series' },
      ]}
    />
  );
}
