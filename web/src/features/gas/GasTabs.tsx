import { SubTabs } from '../../shared/parts/SubTabs';

/** The views of the study. */
export function GasTabs() {
  return (
    <SubTabs
      label="Gases"
      tabs={[
        { to: '/gases', label: 'Routes' },
        { to: '/gases/make', label: 'Make and collect' },
        { to: '/gases/apparatus', label: 'Apparatus' },
        { to: '/gases/properties', label: 'Properties' },
        { to: '/gases/unknown', label: 'Unknown gas' },
        { to: '/gases/cycles', label: 'Cycles' },
      ]}
    />
  );
}
