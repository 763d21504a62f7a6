import { page } from './page';

/** The views of a lab day with their address under it, each loaded when it is first gone to. */
export const stagePages = [
  page('plan', () => import('../features/plan/PlanPage'), 'PlanPage'),
  page('plan/procedures', () => import('../features/plan/ProceduresPage'), 'ProceduresPage'),
  page(
    'plan/procedures/:plannedId',
    () => import('../features/plan/DayProcedurePage'),
    'DayProcedurePage',
  ),
  page(
    'plan/procedures/:plannedId/edit',
    () => import('../features/library/EditorPages'),
    'DayEditorPage',
  ),
  page('plan/timetable', () => import('../features/plan/TimetablePage'), 'TimetablePage'),
  page('plan/alternatives', () => import('../features/plan/AlternativesPage'), 'AlternativesPage'),
  page('prepare', () => import('../features/prepare/PreparePage'), 'PreparePage'),
  page('prepare/sheet', () => import('../features/prepare/PrepSheetPage'), 'PrepSheetPage'),
  page('prepare/labels', () => import('../features/prepare/LabelsPage'), 'LabelsPage'),
  page('prepare/safety', () => import('../features/prepare/SafetyPage'), 'SafetyPage'),
  page('prepare/risk', () => import('../features/prepare/RiskPage'), 'RiskPage'),
  page('prepare/waste', () => import('../features/prepare/WastePage'), 'WastePage'),
  page('groups', () => import('../features/groups/GroupsPage'), 'GroupsPage'),
  page('bench', () => import('../features/bench/BenchPage'), 'BenchPage'),
  page('judge', () => import('../features/judge/JudgePage'), 'JudgePage'),
  page('judge/circuit', () => import('../features/judge/CircuitPage'), 'CircuitPage'),
  page(
    'judge/measurements',
    () => import('../features/judge/MeasurementsPage'),
    'MeasurementsPage',
  ),
  page('judge/activity', () => import('../features/judge/ActivityPage'), 'ActivityPage'),
  page(
    'report/worksheets',
    () => import('../features/report/DayWorksheetsPage'),
    'DayWorksheetsPage',
  ),
  page('report', () => import('../features/report/ReportPage'), 'ReportPage'),
];

/** Brings the views of a lab day along in a quiet moment, so that a stage opens though the server is away. */
export function bringStagesAlong(): () => void {
  const timer = setTimeout(() => {
    // What could not be brought now is asked for again when it is gone to.
    void Promise.allSettled(stagePages.map(({ lazy }) => lazy()));
  }, quietMs);
  return () => clearTimeout(timer);
}

/** After the view that was asked for stands. */
const quietMs = 1500;
