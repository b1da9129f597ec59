import type { Metadata } from 'next';
import { HeaderWithBack } from '@/ui/kit/header-with-back';
import { DeviceList } from '@/ui/offline/device-list';

export const metadata: Metadata = { title: 'On this device' };

const DevicePage = () => (
  <main className="mx-auto max-w-3xl px-3 py-4 sm:px-6">
    <HeaderWithBack to="/" toLabel="All jobs" title="On this device" />
    <p className="mt-2 text-quiet">These jobs open offline, with every page.</p>
    <DeviceList />
  </main>
);

export default DevicePage;
