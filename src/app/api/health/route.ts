import { health } from '@/server/health';

export const dynamic = 'force-dynamic';

export const GET = async (): Promise<Response> => {
  const state = await health();
  return Response.json(state, { status: state.database === 'answers' && state.schema === 'current' ? 200 : 503 });
};
