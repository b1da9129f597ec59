'use client';

import { StickyNote, UserRound } from 'lucide-react';
import type { Company } from '@/core/access/company';
import { ROLES } from '@/core/access/role';
import { DateText } from '../kit/date-text';
import { useAtWork, useMay } from '../person/at-work';

/** Notice above a job for someone who may not change it. */
const LIMITS = {
  apprentice: 'You take readings and check off steps; a technician countersigns them and changes the facts.',
  reader: 'You can see everything but change nothing.',
} as const;

/** Below the header: the crew lead's note, who else is on the job, and what the viewer may not do. */
export const CompanyLine = ({
  company: { note, others },
  onNote,
}: {
  company: Pick<Company, 'note' | 'others'>;
  onNote: () => void;
}) => {
  const { role } = useAtWork();
  const mayNote = useMay('note');
  const limit = role === 'apprentice' || role === 'reader' ? LIMITS[role] : null;
  if (!note && others.length === 0 && limit === null) return null;
  return (
    <div className="company-line no-print flex flex-wrap items-center gap-x-5 border-b border-line bg-sheet px-3 py-1 text-sm">
      {note && (
        <p className="flex min-w-0 items-baseline gap-2">
          <StickyNote size={16} aria-hidden className="shrink-0 self-center" />
          <span className="min-w-0 break-words">
            <b className="font-semibold">{note.words}</b>{' '}
            <span className="text-quiet">
              {note.author}, <DateText at={note.at} />
            </span>
          </span>
          {mayNote && (
            <button type="button" className="bare-button -my-2 px-1 text-link" onClick={onNote}>
              Change
            </button>
          )}
        </p>
      )}
      {others.length > 0 && (
        <p className="flex min-w-0 items-center gap-2">
          <UserRound size={16} aria-hidden className="shrink-0" />
          <span className="truncate">Also here: {others.join(', ')}</span>
        </p>
      )}
      {limit !== null && (
        <p className="min-w-0 truncate text-quiet max-sm:hidden">
          {ROLES[role].label}: {limit}
        </p>
      )}
    </div>
  );
};
