import { SubTabs } from '../../shared/parts/SubTabs';

/** The views of the study. */
export function UnknownsTabs() {
  return (
    <SubTabs
      label="Unknowns"
      tabs={[
        { to: '/unknowns', label: 'Identify' },
        { to: '/unknowns/separation', label: 'Separation' },
        { to: '/unknowns/set', label: 'Check a set' },
        { to: '/gases/unknown', label: 'Unknown gas' },
      ]}
    />
  );
}
