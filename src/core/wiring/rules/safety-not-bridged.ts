import type { Found } from '../../job/finding';
import { bridgedSpans } from '../safety-spans';
import type { WiringRule } from './subject';

export const safetyNotBridged: WiringRule = {
  id: 'safety-not-bridged',
  why: 'A jumpered safety no longer stops anything: the hazard continues until someone is hurt.',
  check: ({ harness, joined }) =>
    bridgedSpans(harness, joined).map(({ words, ends }): Found => ({
      severity: 'error',
      what: `The ${words} is bridged: a conductor or a jumper leads around it.`,
      fix: 'Shut the system off, open and lock out its supplies, and verify dead. Remove whatever bypasses it. Do not leave it running until it is out.',
      page: 'wiring',
      at: ends[0],
    })),
};
