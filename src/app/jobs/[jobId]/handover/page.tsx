import { parseWith } from '@/core/border/parse';
import { idSchema } from '@/core/job/id-schema';
import { handoversOf } from '@/server/repositories/handovers';
import { HandoverView } from '@/ui/handover/handover-view';

const HandoverPage = async ({ params }: { params: Promise<{ jobId: string }> }) => {
  const id = parseWith(idSchema, (await params).jobId);
  return <HandoverView handovers={id.ok ? await handoversOf(id.value.toLowerCase()) : []} />;
};

export default HandoverPage;
