import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { parseWith } from '@/core/border/parse';
import { idSchema } from '@/core/job/id-schema';
import { chosenInOwnHouse } from '@/core/practice/chosen';
import { withoutPeople } from '@/core/practice/own-house';
import { signedIn } from '@/server/access/signed-in';
import { getJob } from '@/server/repositories/jobs';
import { RoundPage } from '@/ui/practice/round-page';

export const metadata: Metadata = { title: 'Practice' };
export const dynamic = 'force-dynamic';

interface Props {
  readonly params: Promise<{ jobId: string }>;
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** A round in a house like a job of the crew’s: nothing of its people comes along. */
const OwnRound = async ({ params, searchParams }: Props) => {
  const { principal, scope } = await signedIn();
  const id = parseWith(idSchema, (await params).jobId);
  const chosen = chosenInOwnHouse(String((await searchParams).seed ?? '1'));
  const job = id.ok && chosen ? await getJob(scope, id.value) : null;
  if (!job || !chosen) notFound();
  return (
    <RoundPage
      key={chosen.seed}
      chosen={chosen}
      personId={principal.personId}
      own={{ jobId: job.id, facts: withoutPeople(job.document.facts) }}
    />
  );
};

export default OwnRound;
