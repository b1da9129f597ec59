import { toast } from '../kit/toast';
import type { JobState } from './state';

/** Jobs of which it was said on this page. */
const said = new Set<string>();

/** Says once that what is entered on a job that was handed over is not in its signed record. */
export const warnAfterHandover = ({ saved }: Pick<JobState, 'saved'>): void => {
  if (saved.handedOverAt === null || said.has(saved.id)) return;
  said.add(saved.id);
  toast(
    'This job was handed over: what you enter now is not in the signed record. Take it back on Handover to sign again.',
  );
};
