import { useMemo, useState } from 'react';
import { checkEquipment } from '@/core/check/equipment';
import { findingsFor } from '@/core/check/pages';
import { isSound } from '@/core/control/scenario';
import { outdoorId } from '@/core/devices';
import { calledTerminals } from '@/core/wiring/called';
import { differences } from '@/core/wiring/differences';
import { deviceIn, type Harness, type TerminalRef } from '@/core/wiring/harness';
import { powerReport } from '@/core/wiring/power';
import { soundly } from '@/core/wiring/state';
import { traceCall } from '@/core/wiring/trace';
import { useJob } from '../job/provider';
import { useModel } from '../job/use-model';
import { useMoment } from '../job/use-moment';
import type { Probes } from './picture-device';

/** Everything that the wiring page shows of the bench, each worked out when the job or the moment changes. */
export const useBench = () => {
  const model = useModel();
  const moment = useMoment();
  const { facts, harness, planned, sound, supply, scenario } = model;
  const state = model.state(moment);
  const called = useMemo(() => calledTerminals(state, model.state({ ...moment, call: 'off' })), [state, model, moment]);
  const findings = findingsFor('wiring', checkEquipment(model));
  const differing = useMemo(
    () => (harness === planned ? [] : differences(facts, sound, harness, soundly(moment), supply)),
    [facts, sound, harness, planned, moment, supply],
  );
  const traces = useMemo(() => traceCall(facts, sound, harness, state), [facts, sound, harness, state]);
  const report = useMemo(() => powerReport(facts, harness, model.states(moment)), [facts, harness, model, moment]);
  return {
    facts,
    moment,
    model,
    state,
    called,
    findings,
    differing,
    traces,
    report,
    isSoundPlan: harness === planned && isSound(scenario),
  };
};

/** Probes as they were put, or, where the system has no such terminal, on the compressor's. */
const standing = (harness: Harness, probes: Probes | null, otherwise: Probes): Probes =>
  probes !== null &&
  probes.every(({ device, mark }) => deviceIn(harness, device)?.terminals.some((terminal) => terminal.mark === mark))
    ? probes
    : otherwise;

/** The meter's two probes: where they stand, which of them the next tap moves, and how to move one. */
export const useProbes = (harness: Harness) => {
  const facts = useJob((job) => job.facts);
  const [put, setProbes] = useState<Probes | null>(null);
  const [moves, setMoves] = useState<0 | 1>(0);
  const outdoors = deviceIn(harness, outdoorId(facts))!;
  const compressorMark = outdoors.terminals.find(({ mark }) => mark.startsWith('Y'))!.mark;
  const probes = standing(harness, put, [
    { device: outdoors.id, mark: compressorMark },
    { device: outdoors.id, mark: 'C' },
  ]);
  const onProbe = (which: 0 | 1, ref: TerminalRef) => {
    setProbes(which === 0 ? [ref, probes[1]] : [probes[0], ref]);
    setMoves(which === 0 ? 1 : 0);
  };
  /** Both at once: a terminal, and the common it is read to. */
  const onMeasure = (terminal: TerminalRef, common: TerminalRef) => setProbes([terminal, common]);
  return { probes, moves, onProbe, onMeasure };
};
