import type { ComponentType } from 'react';
import { Loading } from '../shared/parts/LoadState';
import { ViewFailed } from './ViewFailed';

/** A view that is loaded when it is first gone to, with what only it needs. */
export function page<N extends string>(
  path: string,
  load: () => Promise<Readonly<Record<N, ComponentType>>>,
  name: N,
) {
  return {
    path,
    lazy: async () => ({ Component: (await load())[name] }),
    HydrateFallback: Loading,
    errorElement: <ViewFailed />,
  };
}
