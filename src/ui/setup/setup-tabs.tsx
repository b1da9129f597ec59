'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { momentToQuery } from '@/core/control/moment';
import { CONTROLLER_ROLES, CONTROLLERS } from '@/core/setup/setting';
import { useJob } from '../job/provider';

const TABS = [
  { path: 'talk', label: 'Talk' },
  { path: '', label: 'Settings' },
  ...CONTROLLER_ROLES.map((role) => ({ path: `card/${role}`, label: CONTROLLERS[role] })),
];

/** The ways through Setup: the talk, the settings, and a card for each controller. */
export const SetupTabs = () => {
  const id = useJob((job) => job.saved.id);
  const moment = useJob((job) => job.moment);
  const here = usePathname().split('/').slice(4).join('/');
  return (
    <nav aria-label="Setup" className="no-print mb-4 flex gap-x-1 overflow-x-auto border-b border-line">
      {TABS.map(({ path, label }) => (
        <Link
          key={path}
          href={`/jobs/${id}/setup${path && `/${path}`}?${momentToQuery(moment)}`}
          prefetch={false}
          aria-current={here === path ? 'page' : undefined}
          className={`flex min-h-11 shrink-0 items-center px-3 ${here === path ? 'bg-ink font-semibold text-paper' : 'text-quiet hover:text-ink'}`}
        >
          {label}
        </Link>
      ))}
    </nav>
  );
};
