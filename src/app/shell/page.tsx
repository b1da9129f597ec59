import { Shell } from '@/ui/offline/shell';

/** What a device shows of its own where the server does not answer: never linked, kept by the service worker. */
const ShellPage = () => <Shell />;

export default ShellPage;
