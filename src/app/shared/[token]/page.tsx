import type { Metadata } from 'next';
import { openShare } from '@/server/repositories/shares';
import { FrontPage } from '@/ui/crew/front-page';
import { HomeownerPage } from '@/ui/handover/homeowner-page';
import { DateText } from '@/ui/kit/date-text';

// The address holds a secret: not indexed, and no linked page receives it as referrer.
export const metadata: Metadata = { title: 'Your heat pump', referrer: 'no-referrer', robots: 'noindex, nofollow' };
export const dynamic = 'force-dynamic';

const SharedPage = async ({ params }: { params: Promise<{ token: string }> }) => {
  const shared = await openShare((await params).token.slice(0, 200));
  if (!shared)
    return (
      <FrontPage title="This link is no longer active">
        <p>It has expired. Ask your heating contractor for a new one.</p>
      </FrontPage>
    );
  return (
    <main className="mx-auto max-w-[52rem] px-4 py-6">
      <h1 className="sr-only">Your heat pump</h1>
      <HomeownerPage address={shared.address} paragraphs={shared.paragraphs} className="" />
      <p className="no-print mt-6 text-sm text-quiet">
        This link works until <DateText at={shared.until} only="day" />.
      </p>
    </main>
  );
};

export default SharedPage;
