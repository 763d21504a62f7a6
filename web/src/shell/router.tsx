import { createBrowserRouter } from 'react-router';
import { HomePage } from '../features/labday/HomePage';
import { page } from './page';
import { stagePages } from './stagePages';
import { NotFoundPage } from '../shared/parts/NotFoundPage';
import { Shell } from './Shell';
import { Welcome } from './help/Welcome';

export const router = createBrowserRouter([
  page('/days/:dayId/projector', () => import('../features/bench/ProjectorPage'), 'ProjectorPage'),
  page('/join', () => import('../features/groups/JoinPage'), 'JoinPage'),
  page('/join/:code', () => import('../features/groups/JoinPage'), 'JoinPage'),
  page('/group', () => import('../features/groups/GroupPage'), 'GroupPage'),
  {
    element: <Shell />,
    children: [
      { path: '/', element: <HomePage welcome={<Welcome />} /> },
      page('/procedures', () => import('../features/library/LibraryPage'), 'LibraryPage'),
      page('/procedures/new', () => import('../features/library/EditorPages'), 'LibraryEditorPage'),
      page(
        '/procedures/:procedureId',
        () => import('../features/library/ProcedurePage'),
        'ProcedurePage',
      ),
      page(
        '/procedures/:procedureId/worksheet',
        () => import('../features/report/ProcedureWorksheetPage'),
        'ProcedureWorksheetPage',
      ),
      page(
        '/procedures/:procedureId/edit',
        () => import('../features/library/EditorPages'),
        'LibraryEditorPage',
      ),
      page('/recipes', () => import('../features/recipes/RecipesPage'), 'RecipesPage'),
      page('/shelf', () => import('../features/shelf/ShelfPage'), 'ShelfPage'),
      page('/access', () => import('../features/settings/AccessPage'), 'AccessPage'),
      page('/settings', () => import('../features/settings/SettingsPage'), 'SettingsPage'),
      page('/data', () => import('../features/settings/DataPage'), 'DataPage'),
      page('/help/glossary', () => import('./help/GlossaryPage'), 'GlossaryPage'),
      page('/help/sources', () => import('./help/SourcesPage'), 'SourcesPage'),
      page('/mix', () => import('../features/rack/MixPage'), 'MixPage'),
      page('/equilibrium', () => import('../features/shift/EquilibriumPage'), 'EquilibriumPage'),
      page('/electrolysis', () => import('../features/electrolysis/PredictPage'), 'PredictPage'),
      page('/electrolysis/plan', () => import('../features/electrolysis/PlanPage'), 'PlanPage'),
      page('/electrolysis/runs', () => import('../features/electrolysis/RunsPage'), 'RunsPage'),
      page(
        '/electrolysis/runs/:runId',
        () => import('../features/electrolysis/RunPage'),
        'RunPage',
      ),
      page(
        '/electrolysis/series',
        () => import('../features/electrolysis/SeriesPage'),
        'SeriesPage',
      ),
      page('/unknowns', () => import('../features/identify/IdentifyPage'), 'IdentifyPage'),
      page(
        '/unknowns/separation',
        () => import('../features/identify/SeparationPage'),
        'SeparationPage',
      ),
      page('/unknowns/set', () => import('../features/identify/SetPage'), 'SetPage'),
      page('/practice', () => import('../features/practice/PracticePage'), 'PracticePage'),
      page('/practice/drills', () => import('../features/practice/DrillPage'), 'DrillPage'),
      page('/gases', () => import('../features/gas/RoutesPage'), 'RoutesPage'),
      page('/gases/make', () => import('../features/gas/MakePage'), 'MakePage'),
      page('/gases/apparatus', () => import('../features/gas/ApparatusPage'), 'ApparatusPage'),
      page('/gases/properties', () => import('../features/gas/PropertiesPage'), 'PropertiesPage'),
      page('/gases/unknown', () => import('../features/gas/UnknownGasPage'), 'UnknownGasPage'),
      page('/gases/cycles', () => import('../features/cycle/CyclesPage'), 'CyclesPage'),
      page('/dish', () => import('../features/dish/DishPage'), 'DishPage'),
      {
        ...page('/days/:dayId', () => import('./DayRoute'), 'DayRoute'),
        children: stagePages,
      },
      { path: '*', element: <NotFoundPage /> },
    ],
  },
]);
