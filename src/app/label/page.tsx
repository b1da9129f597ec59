import type { Metadata } from 'next';
import { HeaderWithBack } from '@/ui/kit/header-with-back';
import { NewFromLabel } from '@/ui/label/new-from-label';

export const metadata: Metadata = { title: 'From a label' };

const LabelPage = () => (
  <main className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
    <HeaderWithBack to="/" toLabel="All jobs" title="From a label" />
    <NewFromLabel />
  </main>
);

export default LabelPage;
