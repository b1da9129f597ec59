'use client';

import Link from 'next/link';
import { type ControllerRole, CONTROLLERS } from '@/core/job/controllers';
import { SHIPPED_PROFILES } from '@/core/setup/profiles';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { useJob } from '../../job/provider';
import { LabeledSelect } from '../../kit/labeled-select';
import { Cautions } from '../../stop-work/cautions';
import { SetupTabs } from '../setup-tabs';
import { CardView } from './card-view';

const PATHS = {
  thermostat: 'setup.thermostatProfile',
  indoor: 'setup.indoorProfile',
  outdoor: 'setup.outdoorProfile',
} as const;
const FIELDS = { thermostat: 'thermostatProfile', indoor: 'indoorProfile', outdoor: 'outdoorProfile' } as const;

const CAUTIONS: Record<ControllerRole, string> = {
  thermostat: 'Before you try a call, make sure no one has hands in the unit: blower, compressor and strips can start.',
  indoor:
    'Open, lock out and verify every supply dead, including the kit’s own breaker, before you open the panel. Live readings only if trained.',
  outdoor:
    'Open and lock out the disconnect, verify dead, and discharge the capacitor before touching switches. Fan blades can start without warning when power is restored.',
};

/**
 * The card of one of the job's controllers: choose its profile, then go through it.
 * @param own profiles of the crew, besides the shipped ones
 */
export const CardPage = ({ role, own }: { role: ControllerRole; own: readonly ControllerProfile[] }) => {
  const chosen = useJob((job) => job.facts.setup[FIELDS[role]]);
  const setFact = useJob((job) => job.setFact);
  const fitting = [...SHIPPED_PROFILES, ...own].filter((profile) => profile.role === role);
  const profile = fitting.find(({ id }) => id === chosen);
  return (
    <div className="mx-auto max-w-5xl px-3 py-4 sm:px-6">
      <SetupTabs />
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <h2 className="page-head">{profile ? profile.name : CONTROLLERS[role]}</h2>
        <div className="no-print max-w-full min-w-0">
          <LabeledSelect
            label="Controller profile"
            value={profile?.id ?? ''}
            options={[
              { value: '', label: 'None chosen' },
              ...fitting.map((each) => ({ value: each.id, label: each.name })),
            ]}
            onChoose={(id) => setFact(PATHS[role], id)}
          />
        </div>
        <Link className="plain-button no-print" href={profile ? `/library/${profile.id}` : '/library'} prefetch={false}>
          {profile ? 'View or copy the profile' : 'To the Library'}
        </Link>
      </div>
      <div className="mt-3">
        <Cautions place={`card-${role}`} lines={[CAUTIONS[role]]} />
        <p className="hidden print:block">{CAUTIONS[role]}</p>
      </div>
      {profile ? (
        <CardView profile={profile} />
      ) : (
        <p className="mt-6 max-w-prose">
          {chosen === ''
            ? 'Choose the profile of the installed controller'
            : 'The profile chosen for this job is not in the Library any more. Choose another'}
          : the settings are then put in its own codes, in the order in which it shows them. If it is not there, type it
          in from its manual in the Library; it takes a quarter of an hour.
        </p>
      )}
    </div>
  );
};
