import type { Metadata } from 'next';
import { signInName } from '@/core/access/sign-in-name';
import { invitedBy } from '@/server/repositories/invitations';
import { AccessForm } from '@/ui/crew/access-form';
import { FrontPage } from '@/ui/crew/front-page';
import { PASSWORD_HINT } from '@/ui/crew/password-hint';

// The address holds a secret: no linked page receives it as referrer.
export const metadata: Metadata = { title: 'Choose a password', referrer: 'no-referrer', robots: 'noindex' };
export const dynamic = 'force-dynamic';

const JoinPage = async ({ params }: { params: Promise<{ token: string }> }) => {
  const { token } = await params;
  const invited = await invitedBy(token.slice(0, 200));
  if (!invited)
    return (
      <FrontPage title="This link no longer works">
        <p>It was already used or has expired. Ask your crew lead for a new one.</p>
      </FrontPage>
    );
  return (
    <FrontPage title={`${invited.name}, of ${invited.crewName}`}>
      <p className="mb-4">
        You sign in as <b className="font-mono">{signInName({ person: invited.handle, crew: invited.crewHandle })}</b>.
        Choose your password.
      </p>
      <AccessForm
        way="join"
        also={{ token }}
        button="Set password and sign in"
        fields={[
          { name: 'password', label: 'Password', type: 'password', autoComplete: 'new-password', hint: PASSWORD_HINT },
        ]}
      />
    </FrontPage>
  );
};

export default JoinPage;
