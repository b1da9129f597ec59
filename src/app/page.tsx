import { questionFromQuery } from '@/core/board/board-question';
import { SAMPLES } from '@/core/samples';
import { signedIn } from '@/server/access/signed-in';
import { listJobs } from '@/server/repositories/board';
import { Board } from './board/board';

interface Props {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

const JobsPage = async ({ searchParams }: Props) => {
  const { principal, scope } = await signedIn();
  const query = await searchParams;
  const question = questionFromQuery((name) => (typeof query[name] === 'string' ? query[name] : null));
  return (
    <Board
      page={await listJobs(scope, question)}
      who={principal.name}
      question={question}
      samples={SAMPLES.map(({ id, about }) => ({ id, about }))}
    />
  );
};

export default JobsPage;
