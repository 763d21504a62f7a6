import { createBrowserRouter } from 'react-router';
import type { ComponentType } from 'react';
import { HomePage } from '../features/labday/HomePage';
import { stagePages } from './stagePages';
import { Loading } from '../shared/parts/LoadState';
import { NotFoundPage } from '../shared/parts/NotFoundPage';
import { ViewFailed } from './ViewFailed';
import { Shell } from './Shell';
import { Welcome } from './help/Welcome';

/** A view that is loaded when it is first gone to, with what only it needs. */
function page(path: string, load: () => Promise<ComponentType>) {
  return {
    path,
    lazy: async () => ({ Component: await load() }),
    HydrateFallback: Loading,
    errorElement: <ViewFailed />,
  };
}

export const router = createBrowserRouter([
  page(
    '/days/:dayId/projector',
    async () => (await import('../features/bench/ProjectorPage')).ProjectorPage,
  ),
  page('/join', async () => (await import('../features/groups/JoinPage')).JoinPage),
  page('/join/:code', async () => (await import('../features/groups/JoinPage')).JoinPage),
  page('/group', async () => (await import('../features/groups/GroupPage')).GroupPage),
  {
    element: <Shell />,
    children: [
      { path: '/', element: <HomePage welcome={<Welcome />} /> },
      page(
        '/procedures',
        async () => (await import('../features/library/LibraryPage')).LibraryPage,
      ),
      page(
        '/procedures/new',
        async () => (await import('../features/library/EditorPages')).LibraryEditorPage,
      ),
      page(
        '/procedures/:procedureId',
        async () => (await import('../features/library/ProcedurePage')).ProcedurePage,
      ),
      page(
        '/procedures/:procedureId/worksheet',
        async () =>
          (await import('../features/report/ProcedureWorksheetPage')).ProcedureWorksheetPage,
      ),
      page(
        '/procedures/:procedureId/edit',
        async () => (await import('../features/library/EditorPages')).LibraryEditorPage,
      ),
      page('/shelf', async () => (await import('../features/shelf/ShelfPage')).ShelfPage),
      page('/access', async () => (await import('../features/settings/AccessPage')).AccessPage),
      page(
        '/settings',
        async () => (await import('../features/settings/SettingsPage')).SettingsPage,
      ),
      page('/data', async () => (await import('../features/settings/DataPage')).DataPage),
      page('/help/glossary', async () => (await import('./help/GlossaryPage')).GlossaryPage),
      page('/help/sources', async () => (await import('./help/SourcesPage')).SourcesPage),
      page('/mix', async () => (await import('../features/rack/MixPage')).MixPage),
      page(
        '/equilibrium',
        async () => (await import('../features/shift/EquilibriumPage')).EquilibriumPage,
      ),
      page(
        '/electrolysis',
        async () => (await import('../features/electrolysis/PredictPage')).PredictPage,
      ),
      page(
        '/electrolysis/plan',
        async () => (await import('../features/electrolysis/PlanPage')).PlanPage,
      ),
      page(
        '/electrolysis/runs',
        async () => (await import('../features/electrolysis/RunsPage')).RunsPage,
      ),
      page(
        '/electrolysis/runs/:runId',
        async () => (await import('../features/electrolysis/RunPage')).RunPage,
      ),
      page(
        '/electrolysis/series',
        async () => (await import('../features/electrolysis/SeriesPage')).SeriesPage,
      ),
      page(
        '/unknowns',
        async () => (await import('../features/identify/IdentifyPage')).IdentifyPage,
      ),
      page(
        '/unknowns/separation',
        async () => (await import('../features/identify/SeparationPage')).SeparationPage,
      ),
      page('/unknowns/set', async () => (await import('../features/identify/SetPage')).SetPage),
      page(
        '/practice',
        async () => (await import('../features/practice/PracticePage')).PracticePage,
      ),
      page(
        '/practice/drills',
        async () => (await import('../features/practice/DrillPage')).DrillPage,
      ),
      page('/gases', async () => (await import('../features/gas/RoutesPage')).RoutesPage),
      page('/gases/make', async () => (await import('../features/gas/MakePage')).MakePage),
      page(
        '/gases/apparatus',
        async () => (await import('../features/gas/ApparatusPage')).ApparatusPage,
      ),
      page(
        '/gases/properties',
        async () => (await import('../features/gas/PropertiesPage')).PropertiesPage,
      ),
      page(
        '/gases/unknown',
        async () => (await import('../features/gas/UnknownGasPage')).UnknownGasPage,
      ),
      page('/gases/cycles', async () => (await import('../features/cycle/CyclesPage')).CyclesPage),
      page('/dish', async () => (await import('../features/dish/DishPage')).DishPage),
      {
        ...page('/days/:dayId', async () => (await import('./DayRoute')).DayRoute),
        children: [...Object.entries(stagePages).map(([path, load]) => page(path, load))],
      },
      { path: '*', element: <NotFoundPage /> },
    ],
  },
]);
