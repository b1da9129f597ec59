import { queryFromAddress } from '@/core/job-list/job-list-query';
import { SAMPLES } from '@/core/samples';
import { signedIn } from '@/server/access/signed-in';
import { listJobs } from '@/server/repositories/job-list';
import { CrewEnds } from '@/ui/crew/crew-ends';
import { AtWorkProvider } from '@/ui/person/at-work';
import { JobList } from '../ui/job-list/job-list';

interface Props {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

const JobsPage = async ({ searchParams }: Props) => {
  const { principal, scope } = await signedIn();
  const query = await searchParams;
  const question = queryFromAddress((name) => (typeof query[name] === 'string' ? query[name] : null));
  return (
    <AtWorkProvider
      crew={{ personId: principal.personId, me: principal.name, role: principal.role, names: [], instruments: [] }}
    >
      <CrewEnds at={principal.crewEnds} />
      <JobList
        page={await listJobs(scope, question)}
        question={question}
        samples={SAMPLES.map(({ id, about }) => ({ id, about }))}
      />
    </AtWorkProvider>
  );
};

export default JobsPage;
