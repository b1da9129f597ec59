import { Shell } from '@/ui/shell/offline-shell';

/** What a device shows by itself if the server does not answer: never linked, stored by the service worker. */
const ShellPage = () => <Shell />;

export default ShellPage;
