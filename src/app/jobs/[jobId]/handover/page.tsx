import { parseWith } from '@/core/border/parse';
import { idSchema } from '@/core/job/id-schema';
import { signedIn } from '@/server/access/signed-in';
import { handoversOf } from '@/server/repositories/handovers';
import { HandoverView } from '@/ui/handover/handover-view';

const HandoverPage = async ({ params }: { params: Promise<{ jobId: string }> }) => {
  const id = parseWith(idSchema, (await params).jobId);
  const { scope } = await signedIn();
  return <HandoverView handovers={id.ok ? await handoversOf(scope, id.value.toLowerCase()) : []} />;
};

export default HandoverPage;
