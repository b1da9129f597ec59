import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import type { Principal } from '../../core/access/principal';
import { SIGNED_OUT_COOKIE } from '../../core/access/signed-out';
import { type CrewScope, scopeOf } from '../crew';
import { principalByToken } from '../repositories/sessions';
import { SESSION_COOKIE } from './session-cookie';

/** The viewer of a page and the visible rows; null if not signed in. */
export const currentViewer = cache(async (): Promise<{ principal: Principal; scope: CrewScope } | null> => {
  const kept = await cookies();
  const token = kept.has(SIGNED_OUT_COOKIE) ? undefined : kept.get(SESSION_COOKIE)?.value;
  const principal = token ? await principalByToken(token) : null;
  return principal && { principal, scope: scopeOf(principal) };
});

/** The same for pages that require sign-in: redirects to it. */
export const signedIn = async (): Promise<{ principal: Principal; scope: CrewScope }> =>
  (await currentViewer()) ?? redirect('/sign-in');
