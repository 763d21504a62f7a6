import { createBrowserRouter } from 'react-router';
import { AccessPage } from '../access/AccessPage';
import { BenchPage } from '../bench/BenchPage';
import { ProjectorPage } from '../bench/ProjectorPage';
import { DayFrame } from '../days/DayFrame';
import { HomePage } from '../days/HomePage';
import { GroupPage } from '../groups/GroupPage';
import { GroupsPage } from '../groups/GroupsPage';
import { JoinPage } from '../groups/JoinPage';
import { ActivityPage } from '../judge/ActivityPage';
import { CircuitPage } from '../judge/CircuitPage';
import { JudgePage } from '../judge/JudgePage';
import { AlternativesPage } from '../plan/AlternativesPage';
import { DayProcedurePage } from '../plan/DayProcedurePage';
import { PlanPage } from '../plan/PlanPage';
import { ProceduresPage } from '../plan/ProceduresPage';
import { TimetablePage } from '../plan/TimetablePage';
import { LabelsPage } from '../prepare/LabelsPage';
import { PrepSheetPage } from '../prepare/PrepSheetPage';
import { PreparePage } from '../prepare/PreparePage';
import { SafetyPage } from '../prepare/SafetyPage';
import { WastePage } from '../prepare/WastePage';
import { DayEditorPage, LibraryEditorPage } from '../procedures/EditorPages';
import { LibraryPage } from '../procedures/LibraryPage';
import { ProcedurePage } from '../procedures/ProcedurePage';
import { ReportPage } from '../report/ReportPage';
import { ShelfPage } from '../shelf/ShelfPage';
import { Loading } from '../parts/LoadState';
import { NotFoundPage } from './NotFoundPage';
import { Shell } from './Shell';

export const router = createBrowserRouter([
  { path: '/days/:dayId/projector', element: <ProjectorPage /> },
  { path: '/join', element: <JoinPage /> },
  { path: '/join/:code', element: <JoinPage /> },
  { path: '/group', element: <GroupPage /> },
  {
    element: <Shell />,
    children: [
      { path: '/', element: <HomePage /> },
      { path: '/procedures', element: <LibraryPage /> },
      { path: '/procedures/new', element: <LibraryEditorPage /> },
      { path: '/procedures/:procedureId', element: <ProcedurePage /> },
      { path: '/procedures/:procedureId/edit', element: <LibraryEditorPage /> },
      { path: '/shelf', element: <ShelfPage /> },
      { path: '/access', element: <AccessPage /> },
      {
        path: '/mix',
        // A study brings its charts along, which a lab day does without.
        lazy: async () => ({ Component: (await import('../mixing/MixPage')).MixPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/equilibrium',
        lazy: async () => ({
          Component: (await import('../equilibrium/EquilibriumPage')).EquilibriumPage,
        }),
        HydrateFallback: Loading,
      },
      {
        path: '/electrolysis',
        lazy: async () => ({
          Component: (await import('../electrolysis/PredictPage')).PredictPage,
        }),
        HydrateFallback: Loading,
      },
      {
        path: '/electrolysis/plan',
        lazy: async () => ({ Component: (await import('../electrolysis/PlanPage')).PlanPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/electrolysis/runs',
        lazy: async () => ({ Component: (await import('../electrolysis/RunsPage')).RunsPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/electrolysis/runs/:runId',
        lazy: async () => ({ Component: (await import('../electrolysis/RunPage')).RunPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/electrolysis/series',
        lazy: async () => ({ Component: (await import('../electrolysis/SeriesPage')).SeriesPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/unknowns',
        lazy: async () => ({ Component: (await import('../unknowns/IdentifyPage')).IdentifyPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/unknowns/separation',
        lazy: async () => ({
          Component: (await import('../unknowns/SeparationPage')).SeparationPage,
        }),
        HydrateFallback: Loading,
      },
      {
        path: '/unknowns/set',
        lazy: async () => ({ Component: (await import('../unknowns/SetPage')).SetPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/practice',
        lazy: async () => ({ Component: (await import('../practice/PracticePage')).PracticePage }),
        HydrateFallback: Loading,
      },
      {
        path: '/practice/drills',
        lazy: async () => ({ Component: (await import('../practice/DrillPage')).DrillPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/gases',
        lazy: async () => ({ Component: (await import('../gases/RoutesPage')).RoutesPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/gases/make',
        lazy: async () => ({ Component: (await import('../gases/MakePage')).MakePage }),
        HydrateFallback: Loading,
      },
      {
        path: '/gases/apparatus',
        lazy: async () => ({ Component: (await import('../gases/ApparatusPage')).ApparatusPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/gases/properties',
        lazy: async () => ({ Component: (await import('../gases/PropertiesPage')).PropertiesPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/gases/unknown',
        lazy: async () => ({ Component: (await import('../gases/UnknownGasPage')).UnknownGasPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/gases/cycles',
        lazy: async () => ({ Component: (await import('../cycles/CyclesPage')).CyclesPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/dish',
        lazy: async () => ({ Component: (await import('../dish/DishPage')).DishPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/days/:dayId',
        element: <DayFrame />,
        children: [
          { path: 'plan', element: <PlanPage /> },
          { path: 'plan/procedures', element: <ProceduresPage /> },
          { path: 'plan/procedures/:plannedId', element: <DayProcedurePage /> },
          { path: 'plan/procedures/:plannedId/edit', element: <DayEditorPage /> },
          { path: 'plan/timetable', element: <TimetablePage /> },
          { path: 'plan/alternatives', element: <AlternativesPage /> },
          { path: 'prepare', element: <PreparePage /> },
          { path: 'prepare/sheet', element: <PrepSheetPage /> },
          { path: 'prepare/labels', element: <LabelsPage /> },
          { path: 'prepare/safety', element: <SafetyPage /> },
          { path: 'prepare/waste', element: <WastePage /> },
          { path: 'groups', element: <GroupsPage /> },
          { path: 'bench', element: <BenchPage /> },
          { path: 'judge', element: <JudgePage /> },
          { path: 'judge/circuit', element: <CircuitPage /> },
          {
            path: 'judge/measurements',
            // Its charts come along only here.
            lazy: async () => ({
              Component: (await import('../judge/MeasurementsPage')).MeasurementsPage,
            }),
            HydrateFallback: Loading,
          },
          { path: 'judge/activity', element: <ActivityPage /> },
          { path: 'report', element: <ReportPage /> },
        ],
      },
      { path: '*', element: <NotFoundPage /> },
    ],
  },
]);
