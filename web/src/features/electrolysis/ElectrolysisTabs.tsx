import { SubTabs } from '../../shared/parts/SubTabs';

/** The views of the study. */
export function ElectrolysisTabs() {
  return (
    <SubTabs
      label="Electrolysis"
      tabs={[
        { to: '/electrolysis', label: 'Predict' },
        { to: '/electrolysis/plan', label: 'Plan' },
        { to: '/electrolysis/runs', label: 'Run and judge' },
        { to: '/electrolysis/series', label: 'Current series' },
      ]}
    />
  );
}
