import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { parseWith } from '@/core/border/parse';
import { idSchema } from '@/core/job/id-schema';
import { chosenInOwnHouse } from '@/core/practice/chosen';
import { withoutNames } from '@/core/practice/own-house';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { signedIn } from '@/server/access/signed-in';
import type { CrewScope } from '@/server/crew';
import { getJob } from '@/server/repositories/jobs';
import { getProfile } from '@/server/repositories/profiles';
import { RoundPage } from '@/ui/practice/round-page';

export const metadata: Metadata = { title: 'Practice' };
export const dynamic = 'force-dynamic';

interface Props {
  readonly params: Promise<{ jobId: string }>;
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** The thermostat profile that a job names; null: none that exists. */
const thermostatOf = async (scope: CrewScope, id: string): Promise<ControllerProfile | null> => {
  const profile =
    SHIPPED_PROFILES.find((each) => each.id === id) ?? (id ? (await getProfile(scope, id))?.profile : null);
  return profile?.role === 'thermostat' ? profile : null;
};

/** A round in a house like one of the crew’s jobs: nothing of its people is copied. */
const OwnRound = async ({ params, searchParams }: Props) => {
  const { principal, scope } = await signedIn();
  const id = parseWith(idSchema, (await params).jobId);
  const chosen = chosenInOwnHouse(String((await searchParams).seed ?? '1'));
  const job = id.ok && chosen ? await getJob(scope, id.value) : null;
  if (!job || !chosen) notFound();
  const { facts } = job.document;
  const thermostat = await thermostatOf(scope, facts.setup.thermostatProfile);
  return (
    <RoundPage
      key={chosen.seed}
      chosen={chosen}
      who={{ personId: principal.personId, crewId: principal.crewId }}
      own={{ jobId: job.id, house: { facts: withoutNames(facts), thermostat } }}
    />
  );
};

export default OwnRound;
