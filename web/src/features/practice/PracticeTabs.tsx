import { SubTabs } from '../../shared/parts/SubTabs';

/** The views of the study. */
export function PracticeTabs() {
  return (
    <SubTabs
      label="Practice"
      tabs={[
        { to: '/practice', label: 'Virtual bench' },
        { to: '/practice/drills', label: 'Drills' },
      ]}
    />
  );
}
