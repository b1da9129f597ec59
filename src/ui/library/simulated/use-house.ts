import { wrap } from 'comlink';
import { useState } from 'react';
import { jobName } from '@/core/job/job-name';
import type { DiagnosisWorker, Fault, Met } from '@/workers/diagnosis.worker';
import { useLastingWorker } from '../../loading/use-lasting-worker';
import { type StartedWorker, startedWorker } from '../../loading/worker-task';
import type { RadioWord } from '../../meter/radio';
import { useProbesWanted } from './use-radio';

type Leads = Extract<RadioWord, { kind: 'leads' }>;

/** The simulated house: its job, possible causes, actual cause, and observations. */
export interface House {
  readonly leads: Leads;
  readonly name: string;
  readonly faults: readonly Fault[];
  readonly fault: string;
  /** The homeowner's complaint; null: not calculated yet. */
  readonly said: string | null;
  readonly met: Met;
}

/** A random one of several. */
const anyOf = (faults: readonly Fault[]): string => faults[Math.floor(Math.random() * faults.length)]?.id ?? '';

const startHouseWorker = (): StartedWorker<DiagnosisWorker> =>
  startedWorker<DiagnosisWorker>(
    new Worker(new URL('../../../workers/diagnosis.worker.ts', import.meta.url), { type: 'module' }),
    wrap,
  );

/** A house with a fault that answers wherever a job's page puts the probes. */
export const useHouse = () => {
  const { ask, hasFailed, again } = useLastingWorker(startHouseWorker);
  const [house, setHouse] = useState<House | null>(null);
  const [isWorking, setWorking] = useState(false);
  const goTo = async (leads: Leads, wanted?: string) => {
    setWorking(true);
    const { facts, moment, asked } = leads;
    const faults = await ask((remote) => remote.faults(facts, moment));
    if (faults === null) return;
    const known = wanted ?? house?.fault ?? '';
    const fault = faults.some(({ id }) => id === known) ? known : anyOf(faults);
    const met = await ask((remote) => remote.meets(facts, moment, fault, asked, Math.floor(Math.random() * 1e6)));
    if (met === null) return;
    const isSame = house !== null && house.fault === fault && house.name === jobName(facts);
    setHouse({ leads, name: jobName(facts), faults, fault, said: isSame ? house.said : null, met });
    setWorking(false);
    if (isSame && house.said !== null) return;
    // The complaint takes longer to calculate than a meter reading: it follows.
    const said = await ask((remote) => remote.saidOf(facts, moment, fault));
    setHouse((now) => (now && now.fault === fault ? { ...now, said } : now));
  };
  // A failure is shown with a way to try again.
  const answer = (leads: Leads, wanted?: string) => void goTo(leads, wanted).catch(() => setWorking(false));
  useProbesWanted((leads) => answer(leads));
  return {
    house,
    isWorking,
    hasFailed,
    again,
    /** Puts another fault into the house; empty: random. */
    choose: (fault: string) => house && answer(house.leads, fault),
  };
};
