import { SubTabs } from '../../shared/parts/SubTabs';

/** The views of Prepare. */
export function PrepareTabs({ dayId }: { dayId: string }) {
  const base = `/days/${dayId}/prepare`;
  return (
    <SubTabs
      label="Prepare"
      tabs={[
        { to: base, label: 'Weigh out' },
        { to: `${base}/sheet`, label: 'Prep sheet' },
        { to: `${base}/labels`, label: 'Labels' },
        { to: `${base}/safety`, label: 'Safety' },
        { to: `${base}/risk`, label: 'Risk assessment' },
        { to: `${base}/waste`, label: 'Waste' },
      ]}
    />
  );
}
