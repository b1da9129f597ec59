import { openRoute } from '@/server/http/respond';

export const dynamic = 'force-dynamic';

/** The process answers; `/api/ready` says whether it can work. */
export const GET = openRoute('health', async () => Response.json({ process: 'alive' }));
