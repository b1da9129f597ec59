import { JobLabel } from '@/ui/label/job-label';

const JobLabelPage = () => <JobLabel />;

export default JobLabelPage;
