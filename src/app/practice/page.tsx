import type { Metadata } from 'next';
import { signedIn } from '@/server/access/signed-in';
import { PracticePage } from '@/ui/practice/practice-page';

export const metadata: Metadata = { title: 'Practice' };
export const dynamic = 'force-dynamic';

const Practice = async () => {
  const { principal } = await signedIn();
  return <PracticePage personId={principal.personId} />;
};

export default Practice;
