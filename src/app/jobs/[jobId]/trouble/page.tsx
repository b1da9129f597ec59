import { TroublePage } from '@/ui/trouble/trouble-page';

const Page = () => <TroublePage />;

export default Page;
