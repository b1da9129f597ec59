import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { whoLooks } from '@/server/access/signed-in';
import { demoCrews } from '@/server/demo-crews';
import { unnamedCrew } from '@/server/repositories/crews';
import { AccessForm } from '@/ui/crew/access-form';
import { DemoPeople } from '@/ui/crew/demo-people';
import { FrontPage } from '@/ui/crew/front-page';

export const metadata: Metadata = { title: 'Sign in' };
export const dynamic = 'force-dynamic';

const SignInPage = async () => {
  if (await whoLooks()) redirect('/');
  if (await unnamedCrew()) redirect('/first-start');
  const crews = await demoCrews();
  return (
    <FrontPage title="Sign in">
      <AccessForm
        to="/api/sign-in"
        button="Sign in"
        fields={[
          {
            name: 'name',
            label: 'Name',
            type: 'text',
            autoComplete: 'username',
            hint: 'Two parts, such as ana@your-crew. Your lead’s link shows it.',
          },
          { name: 'password', label: 'Password', type: 'password', autoComplete: 'current-password' },
        ]}
      />
      <p className="mt-3 text-sm text-quiet">Forgotten? Your lead makes a link with which you choose a new one.</p>
      {crews.length > 0 && <DemoPeople crews={crews} />}
    </FrontPage>
  );
};

export default SignInPage;
