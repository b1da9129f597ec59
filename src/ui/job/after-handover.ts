import { toast } from '../kit/toast';
import type { JobState } from './state';

/** Jobs with a notice on this page. */
const said = new Set<string>();

/** Notes once that entries on a handed-over job are not in its signed record. */
export const warnAfterHandover = ({ saved }: Pick<JobState, 'saved'>): void => {
  if (saved.handedOverAt === null || said.has(saved.id)) return;
  said.add(saved.id);
  toast('This job is handed over: entries from now on are not in the signed record. Undo the handover to sign again.');
};
