import { createBrowserRouter } from 'react-router';
import { BenchPage } from '../bench/BenchPage';
import { DayFrame } from '../days/DayFrame';
import { HomePage } from '../days/HomePage';
import { JudgePage } from '../judge/JudgePage';
import { PlanPage } from '../plan/PlanPage';
import { PreparePage } from '../prepare/PreparePage';
import { ReportPage } from '../report/ReportPage';
import { Loading } from '../parts/LoadState';
import { NotFoundPage } from './NotFoundPage';
import { Shell } from './Shell';

export const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: '/', element: <HomePage /> },
      {
        path: '/mix',
        // A study brings its charts along, which a lab day does without.
        lazy: async () => ({ Component: (await import('../mixing/MixPage')).MixPage }),
        HydrateFallback: Loading,
      },
      {
        path: '/days/:dayId',
        element: <DayFrame />,
        children: [
          { path: 'plan', element: <PlanPage /> },
          { path: 'prepare', element: <PreparePage /> },
          { path: 'bench', element: <BenchPage /> },
          { path: 'judge', element: <JudgePage /> },
          { path: 'report', element: <ReportPage /> },
        ],
      },
      { path: '*', element: <NotFoundPage /> },
    ],
  },
]);
