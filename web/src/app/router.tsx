import { createBrowserRouter } from 'react-router';
import { BenchPage } from '../bench/BenchPage';
import { DayFrame } from '../days/DayFrame';
import { HomePage } from '../days/HomePage';
import { JudgePage } from '../judge/JudgePage';
import { MixPage } from '../mixing/MixPage';
import { PlanPage } from '../plan/PlanPage';
import { PreparePage } from '../prepare/PreparePage';
import { ReportPage } from '../report/ReportPage';
import { NotFoundPage } from './NotFoundPage';
import { Shell } from './Shell';

export const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: '/', element: <HomePage /> },
      { path: '/mix', element: <MixPage /> },
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
