import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { isFirstStart } from '@/server/crew';
import { AccessForm } from '@/ui/crew/access-form';
import { FrontPage } from '@/ui/crew/front-page';
import { PASSWORD_HINT } from '@/ui/crew/password-hint';

export const metadata: Metadata = { title: 'First start' };
export const dynamic = 'force-dynamic';

const FirstStartPage = async () => {
  if (!(await isFirstStart())) redirect('/sign-in');
  return (
    <FrontPage title="Whose server is this?">
      <p className="mb-4">
        Name your crew and yourself; you become the crew lead. Jobs already on this server will belong to the crew. You
        can invite the others afterward.
      </p>
      <AccessForm
        way="first-start"
        button="Begin"
        fields={[
          { name: 'crew', label: 'Crew', type: 'text', autoComplete: 'organization' },
          { name: 'name', label: 'Your name', type: 'text', autoComplete: 'name' },
          {
            name: 'password',
            label: 'Password',
            type: 'password',
            autoComplete: 'new-password',
            hint: PASSWORD_HINT,
          },
        ]}
      />
    </FrontPage>
  );
};

export default FirstStartPage;
