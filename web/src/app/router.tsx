import { createBrowserRouter } from 'react-router';
import type { ComponentType } from 'react';
import { HomePage } from '../days/HomePage';
import { stagePages } from '../days/stagePages';
import { Loading } from '../parts/LoadState';
import { NotFoundPage } from './NotFoundPage';
import { ViewFailed } from './ViewFailed';
import { Shell } from './Shell';

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
    async () => (await import('../bench/ProjectorPage')).ProjectorPage,
  ),
  page('/join', async () => (await import('../groups/JoinPage')).JoinPage),
  page('/join/:code', async () => (await import('../groups/JoinPage')).JoinPage),
  page('/group', async () => (await import('../groups/GroupPage')).GroupPage),
  {
    element: <Shell />,
    children: [
      { path: '/', element: <HomePage /> },
      page('/procedures', async () => (await import('../procedures/LibraryPage')).LibraryPage),
      page(
        '/procedures/new',
        async () => (await import('../procedures/EditorPages')).LibraryEditorPage,
      ),
      page(
        '/procedures/:procedureId',
        async () => (await import('../procedures/ProcedurePage')).ProcedurePage,
      ),
      page(
        '/procedures/:procedureId/worksheet',
        async () => (await import('../worksheets/ProcedureWorksheetPage')).ProcedureWorksheetPage,
      ),
      page(
        '/procedures/:procedureId/edit',
        async () => (await import('../procedures/EditorPages')).LibraryEditorPage,
      ),
      page('/shelf', async () => (await import('../shelf/ShelfPage')).ShelfPage),
      page('/access', async () => (await import('../access/AccessPage')).AccessPage),
      page('/settings', async () => (await import('../settings/SettingsPage')).SettingsPage),
      page('/data', async () => (await import('../data/DataPage')).DataPage),
      page('/help/glossary', async () => (await import('../help/GlossaryPage')).GlossaryPage),
      page('/help/sources', async () => (await import('../help/SourcesPage')).SourcesPage),
      page('/mix', async () => (await import('../mixing/MixPage')).MixPage),
      page(
        '/equilibrium',
        async () => (await import('../equilibrium/EquilibriumPage')).EquilibriumPage,
      ),
      page('/electrolysis', async () => (await import('../electrolysis/PredictPage')).PredictPage),
      page('/electrolysis/plan', async () => (await import('../electrolysis/PlanPage')).PlanPage),
      page('/electrolysis/runs', async () => (await import('../electrolysis/RunsPage')).RunsPage),
      page(
        '/electrolysis/runs/:runId',
        async () => (await import('../electrolysis/RunPage')).RunPage,
      ),
      page(
        '/electrolysis/series',
        async () => (await import('../electrolysis/SeriesPage')).SeriesPage,
      ),
      page('/unknowns', async () => (await import('../unknowns/IdentifyPage')).IdentifyPage),
      page(
        '/unknowns/separation',
        async () => (await import('../unknowns/SeparationPage')).SeparationPage,
      ),
      page('/unknowns/set', async () => (await import('../unknowns/SetPage')).SetPage),
      page('/practice', async () => (await import('../practice/PracticePage')).PracticePage),
      page('/practice/drills', async () => (await import('../practice/DrillPage')).DrillPage),
      page('/gases', async () => (await import('../gases/RoutesPage')).RoutesPage),
      page('/gases/make', async () => (await import('../gases/MakePage')).MakePage),
      page('/gases/apparatus', async () => (await import('../gases/ApparatusPage')).ApparatusPage),
      page(
        '/gases/properties',
        async () => (await import('../gases/PropertiesPage')).PropertiesPage,
      ),
      page('/gases/unknown', async () => (await import('../gases/UnknownGasPage')).UnknownGasPage),
      page('/gases/cycles', async () => (await import('../cycles/CyclesPage')).CyclesPage),
      page('/dish', async () => (await import('../dish/DishPage')).DishPage),
      {
        ...page('/days/:dayId', async () => (await import('../days/DayFrame')).DayFrame),
        children: [...Object.entries(stagePages).map(([path, load]) => page(path, load))],
      },
      { path: '*', element: <NotFoundPage /> },
    ],
  },
]);
