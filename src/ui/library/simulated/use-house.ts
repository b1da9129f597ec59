import { type Remote, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { jobName } from '@/core/job/job-name';
import type { DiagnosisWorker, Fault, Met } from '@/workers/diagnosis.worker';
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

/** A house with a fault that answers wherever a job's page puts the probes. */
export const useHouse = () => {
  const remote = useRef<Remote<DiagnosisWorker> | null>(null);
  const [house, setHouse] = useState<House | null>(null);
  const [isWorking, setWorking] = useState(false);
  useEffect(() => {
    const worker = new Worker(new URL('../../../workers/diagnosis.worker.ts', import.meta.url), { type: 'module' });
    remote.current = wrap<DiagnosisWorker>(worker);
    return () => worker.terminate();
  }, []);
  const goTo = async (leads: Leads, wanted?: string) => {
    const worker = remote.current;
    if (!worker) return;
    setWorking(true);
    const { facts, moment, asked } = leads;
    const faults = await worker.faults(facts, moment);
    const known = wanted ?? house?.fault ?? '';
    const fault = faults.some(({ id }) => id === known) ? known : anyOf(faults);
    const met = await worker.meets(facts, moment, fault, asked, Math.floor(Math.random() * 1e6));
    const isSame = house !== null && house.fault === fault && house.name === jobName(facts);
    setHouse({ leads, name: jobName(facts), faults, fault, said: isSame ? house.said : null, met });
    setWorking(false);
    if (isSame && house.said !== null) return;
    // The complaint takes longer to calculate than a meter reading: it follows.
    const said = await worker.saidOf(facts, moment, fault);
    setHouse((now) => (now && now.fault === fault ? { ...now, said } : now));
  };
  useProbesWanted((leads) => void goTo(leads));
  return {
    house,
    isWorking,
    /** Puts another fault into the house; empty: random. */
    choose: (fault: string) => house && void goTo(house.leads, fault),
  };
};
