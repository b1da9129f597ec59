import { route } from '@/server/http/respond';

export const dynamic = 'force-dynamic';

/** The process answers; whether it can work, `/api/ready` says. */
export const GET = route('health', async () => Response.json({ process: 'alive' }));
