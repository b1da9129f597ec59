import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { currentViewer } from '@/server/access/signed-in';
import { isFirstStart } from '@/server/crew';
import { demoCrews } from '@/server/demo-crews';
import { AccessForm } from '@/ui/crew/access-form';
import { DemoPeople } from '@/ui/crew/demo-people';
import { FrontPage } from '@/ui/crew/front-page';

export const metadata: Metadata = { title: 'Sign in' };
export const dynamic = 'force-dynamic';

interface Props {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** Message for someone who signs out while their entries still wait here. */
const waitsWords = (waits: number): string =>
  `You are signed out. ${waits === 1 ? '1 entry waits' : `${waits} entries wait`} on this device under your name: sign in here again to send ${waits === 1 ? 'it' : 'them'}.`;

const SignInPage = async ({ searchParams }: Props) => {
  if (await currentViewer()) redirect('/');
  if (await isFirstStart()) redirect('/first-start');
  const crews = await demoCrews();
  const waits = Number((await searchParams).waits);
  return (
    <FrontPage title="Sign in">
      {Number.isSafeInteger(waits) && waits > 0 && (
        <p role="status" className="mb-4 font-medium text-warn">
          {waitsWords(waits)}
        </p>
      )}
      <AccessForm
        way="sign-in"
        button="Sign in"
        fields={[
          {
            name: 'name',
            label: 'Name',
            type: 'text',
            autoComplete: 'username',
            hint: 'Your sign-in name, such as ana@your-crew. It is on the link your crew lead sent you.',
          },
          { name: 'password', label: 'Password', type: 'password', autoComplete: 'current-password' },
        ]}
      />
      <p className="mt-3 text-sm text-quiet">Forgot it? Your crew lead can send you a link to set a new one.</p>
      {crews.length > 0 && <DemoPeople crews={crews} />}
    </FrontPage>
  );
};

export default SignInPage;
