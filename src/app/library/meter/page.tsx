import type { Metadata } from 'next';
import { HeaderWithBack } from '@/ui/kit/header-with-back';
import { SimulatedMeter } from '@/ui/library/simulated/simulated-meter';
import { SimulatedWeather } from '@/ui/library/simulated/simulated-weather';

export const metadata: Metadata = { title: 'Simulated meter' };

const MeterPage = () => (
  <main className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
    <HeaderWithBack to="/library" toLabel="Library" title="Simulated meter" />
    <p className="max-w-prose py-3 text-quiet">
      Acts as a wireless meter so you can try things out. Keep this page open, open a job in another window, and tap{' '}
      <b>Listen to a meter</b> there. A real meter sends the same data; the guide explains how.
    </p>
    <div className="grid items-start gap-8 lg:grid-cols-[3fr_2fr]">
      <SimulatedMeter />
      <SimulatedWeather />
    </div>
  </main>
);

export default MeterPage;
