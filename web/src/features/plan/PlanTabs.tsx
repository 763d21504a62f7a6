import type { LabDay } from '@stoichos/core/labday/day';
import { mixingsOf } from './useMixingDraft';
import { SubTabs } from '../../shared/parts/SubTabs';

/** The views of Plan. */
export function PlanTabs({ day }: { day: Pick<LabDay, 'id' | 'procedures'> }) {
  const base = `/days/${day.id}/plan`;
  return (
    <SubTabs
      label="Plan"
      tabs={[
        { to: `${base}/procedures`, label: 'Procedures', note: String(day.procedures.length) },
        { to: base, label: 'Two-solution tests', note: String(mixingsOf(day).length) },
        { to: `${base}/timetable`, label: 'Timetable' },
        { to: `${base}/alternatives`, label: 'Other reagents' },
      ]}
    />
  );
}
