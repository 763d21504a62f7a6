import type { ReactNode } from 'react';
import { Navigate } from 'react-router';
import { useSessionQuery, useSettingsQuery } from '../data/api/api';
import { Loading } from '../shared/parts/LoadState';
import { SignIn } from './SignIn';

/** Lets the staff in, asks nobody for the passphrase, and sends a group to its bench. Without an answer the pages say so themselves. */
export function Door({ children }: { children: ReactNode }) {
  const { data: session, isError } = useSessionQuery();
  if (!session) return isError ? children : <Loading />;
  if (session.role === 'nobody') return <SignIn session={session} />;
  if (session.role === 'group') return <Navigate to="/group" replace />;
  return <WithSettings>{children}</WithSettings>;
}

/** Waits for the settings, which the studies begin with; without an answer they begin with the usual ones. */
function WithSettings({ children }: { children: ReactNode }) {
  const { data, isError } = useSettingsQuery();
  return data || isError ? children : <Loading />;
}
