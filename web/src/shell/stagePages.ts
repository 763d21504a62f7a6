import type { ComponentType } from 'react';

/** The views of a lab day by their address under it, each loaded when it is first gone to. */
export const stagePages: Readonly<Record<string, () => Promise<ComponentType>>> = {
  plan: async () => (await import('../features/plan/PlanPage')).PlanPage,
  'plan/procedures': async () => (await import('../features/plan/ProceduresPage')).ProceduresPage,
  'plan/procedures/:plannedId': async () =>
    (await import('../features/plan/DayProcedurePage')).DayProcedurePage,
  'plan/procedures/:plannedId/edit': async () =>
    (await import('../features/library/EditorPages')).DayEditorPage,
  'plan/timetable': async () => (await import('../features/plan/TimetablePage')).TimetablePage,
  'plan/alternatives': async () =>
    (await import('../features/plan/AlternativesPage')).AlternativesPage,
  prepare: async () => (await import('../features/prepare/PreparePage')).PreparePage,
  'prepare/sheet': async () => (await import('../features/prepare/PrepSheetPage')).PrepSheetPage,
  'prepare/labels': async () => (await import('../features/prepare/LabelsPage')).LabelsPage,
  'prepare/safety': async () => (await import('../features/prepare/SafetyPage')).SafetyPage,
  'prepare/waste': async () => (await import('../features/prepare/WastePage')).WastePage,
  groups: async () => (await import('../features/groups/GroupsPage')).GroupsPage,
  bench: async () => (await import('../features/bench/BenchPage')).BenchPage,
  judge: async () => (await import('../features/judge/JudgePage')).JudgePage,
  'judge/circuit': async () => (await import('../features/judge/CircuitPage')).CircuitPage,
  'judge/measurements': async () =>
    (await import('../features/judge/MeasurementsPage')).MeasurementsPage,
  'judge/activity': async () => (await import('../features/judge/ActivityPage')).ActivityPage,
  'report/worksheets': async () =>
    (await import('../features/report/DayWorksheetsPage')).DayWorksheetsPage,
  report: async () => (await import('../features/report/ReportPage')).ReportPage,
};

/** Brings the views of a lab day along in a quiet moment, so that a stage opens though the server is away. */
export function bringStagesAlong(): () => void {
  const timer = setTimeout(() => {
    // What could not be brought now is asked for again when it is gone to.
    void Promise.allSettled(Object.values(stagePages).map((load) => load()));
  }, quietMs);
  return () => clearTimeout(timer);
}

/** After the view that was asked for stands. */
const quietMs = 1500;
