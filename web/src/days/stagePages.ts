import type { ComponentType } from 'react';

/** The views of a lab day by their address under it, each loaded when it is first gone to. */
export const stagePages: Readonly<Record<string, () => Promise<ComponentType>>> = {
  plan: async () => (await import('../plan/PlanPage')).PlanPage,
  'plan/procedures': async () => (await import('../plan/ProceduresPage')).ProceduresPage,
  'plan/procedures/:plannedId': async () =>
    (await import('../plan/DayProcedurePage')).DayProcedurePage,
  'plan/procedures/:plannedId/edit': async () =>
    (await import('../procedures/EditorPages')).DayEditorPage,
  'plan/timetable': async () => (await import('../plan/TimetablePage')).TimetablePage,
  'plan/alternatives': async () => (await import('../plan/AlternativesPage')).AlternativesPage,
  prepare: async () => (await import('../prepare/PreparePage')).PreparePage,
  'prepare/sheet': async () => (await import('../prepare/PrepSheetPage')).PrepSheetPage,
  'prepare/labels': async () => (await import('../prepare/LabelsPage')).LabelsPage,
  'prepare/safety': async () => (await import('../prepare/SafetyPage')).SafetyPage,
  'prepare/waste': async () => (await import('../prepare/WastePage')).WastePage,
  groups: async () => (await import('../groups/GroupsPage')).GroupsPage,
  bench: async () => (await import('../bench/BenchPage')).BenchPage,
  judge: async () => (await import('../judge/JudgePage')).JudgePage,
  'judge/circuit': async () => (await import('../judge/CircuitPage')).CircuitPage,
  'judge/measurements': async () => (await import('../judge/MeasurementsPage')).MeasurementsPage,
  'judge/activity': async () => (await import('../judge/ActivityPage')).ActivityPage,
  'report/worksheets': async () =>
    (await import('../worksheets/DayWorksheetsPage')).DayWorksheetsPage,
  report: async () => (await import('../report/ReportPage')).ReportPage,
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
