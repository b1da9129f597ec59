import { type CallId, CALLS } from '../../control/moment';
import type { CoilId } from '../../devices/ids';
import type { WiringRule } from './subject';

export const comesToRest: WiringRule = {
  id: 'comes-to-rest',
  why: 'A coil that opens its own circuit hammers until its contacts weld.',
  check: ({ harness, cold }) => {
    const calls = new Map<CoilId, CallId[]>();
    for (const [call, { chattering }] of cold)
      for (const coil of chattering) calls.set(coil, [...(calls.get(coil) ?? []), call]);
    const label = new Map(harness.devices.flatMap(({ coils }) => coils.map(({ id, label }) => [id, label] as const)));
    return [...calls].map(([coil, where]) => ({
      severity: 'error',
      what: `${label.get(coil)} chatters: ${where.map((call) => CALLS[call].short.toLowerCase()).join(', ')}.`,
      fix: 'Feed its coil from the line side of the contact it opens.',
      page: 'wiring',
      at: coil,
    }));
  },
};
