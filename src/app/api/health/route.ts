import { openRoute } from '@/server/http/respond';

export const dynamic = 'force-dynamic';

/** The process answers; whether it can work, `/api/ready` says. */
export const GET = openRoute('health', async () => Response.json({ process: 'alive' }));
