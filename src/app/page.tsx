import { SAMPLES } from '@/core/samples';
import { listJobs } from '@/server/repositories/board';
import { Board } from './board/board';

interface Props {
  readonly searchParams: Promise<{ search?: string; shelf?: string }>;
}

const JobsPage = async ({ searchParams }: Props) => {
  const { search, shelf } = await searchParams;
  const words = typeof search === 'string' ? search : '';
  const isArchived = shelf === 'archived';
  return (
    <Board
      page={await listJobs(words, isArchived)}
      search={words}
      isArchived={isArchived}
      samples={SAMPLES.map(({ id, about }) => ({ id, about }))}
    />
  );
};

export default JobsPage;
