import { useMemo, useState } from 'react';
import { hasNoFaults } from '@/core/control/scenario';
import { outdoorId } from '@/core/devices';
import { deviceIn, type Harness, type TerminalRef } from '@/core/wiring/harness';
import { singleMoves } from '@/core/wiring/moves';
import { useModel, useMoment } from '../job/deferred-model';
import { useJob } from '../job/provider';
import type { Probes } from './picture-terminal';

/** Inputs of the bench: what runs now, and moved conductors. */
export const useBench = () => {
  const model = useModel();
  const moment = useMoment();
  const { harness, planned, scenario } = model;
  const state = model.state(moment);
  const moved = useMemo(
    () => new Set(harness === planned ? [] : singleMoves(planned, harness).map(({ id }) => id)),
    [harness, planned],
  );
  return { model, state, moved, isSoundPlan: harness === planned && hasNoFaults(scenario) };
};

/** The probes as placed, or at the compressor's terminals if the system has no such terminal. */
const standing = (harness: Harness, probes: Probes | null, otherwise: Probes): Probes =>
  probes !== null &&
  probes.every(({ device, mark }) => deviceIn(harness, device)?.terminals.some((terminal) => terminal.mark === mark))
    ? probes
    : otherwise;

/** The meter's two probes: positions, which one the next tap moves, and how to move one. */
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
  /** Both at once: a terminal, and its common. */
  const onMeasure = (terminal: TerminalRef, common: TerminalRef) => setProbes([terminal, common]);
  return { probes, moves, onProbe, onMeasure };
};
