import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { chosenRound } from '@/core/practice/chosen';
import { signedIn } from '@/server/access/signed-in';
import { RoundPage } from '@/ui/practice/round-page';

export const metadata: Metadata = { title: 'Practice' };
export const dynamic = 'force-dynamic';

interface Props {
  readonly params: Promise<{ round: string }>;
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

const Round = async ({ params, searchParams }: Props) => {
  const { principal } = await signedIn();
  const { seed, endless } = await searchParams;
  const chosen = chosenRound((await params).round, String(seed ?? '1'), endless !== undefined);
  if (!chosen) notFound();
  const { personId, crewId } = principal;
  return <RoundPage key={`${chosen.round} ${chosen.seed}`} chosen={chosen} who={{ personId, crewId }} />;
};

export default Round;
