import type { ReactNode } from 'react';
import { Navigate } from 'react-router';
import { useSessionQuery } from '../api/api';
import { Loading } from '../parts/LoadState';
import { SignIn } from './SignIn';

/** Lets the staff in, asks nobody for the passphrase, and sends a group to its bench. Without an answer the pages say so themselves. */
export function Door({ children }: { children: ReactNode }) {
  const { data: session, isError } = useSessionQuery();
  if (!session) return isError ? children : <Loading />;
  if (session.role === 'nobody') return <SignIn session={session} />;
  if (session.role === 'group') return <Navigate to="/group" replace />;
  return children;
}
