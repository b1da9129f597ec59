'use client';

import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { StepsField } from './fields';
import { Rows } from './rows';

const STEPS = [
  ['before', 'Before you start (such as turning the unit off)'],
  ['enter', 'Enter setup'],
  ['save', 'How to save a group'],
  ['activate', 'How to activate saved values, if needed'],
  ['readBack', 'How to read values back'],
] as const;

/** How to operate a controller: steps, delays, scopes, switch banks and jumper blocks. */
export const Workings = ({
  profile,
  onChange,
}: {
  profile: ControllerProfile;
  onChange: (part: Partial<ControllerProfile>) => void;
}) => (
  <>
    <h2 className="mt-8 section-head">How to use it</h2>
    <div className="mt-3 grid gap-x-6 gap-y-4 sm:grid-cols-2">
      {STEPS.map(([name, label]) => (
        <StepsField key={name} label={label} value={profile[name]} onChange={(steps) => onChange({ [name]: steps })} />
      ))}
      <Rows
        title="Waits"
        item="Wait"
        rows={profile.delays}
        newRow={{ label: '', seconds: 60 }}
        columns={[
          {
            label: 'Power-up and other delays',
            read: ({ label }) => label,
            write: (row, label) => ({ ...row, label }),
          },
          {
            label: 'Seconds',
            isNumber: true,
            read: ({ seconds }) => String(seconds),
            write: (row, text) => ({ ...row, seconds: Number(text) }),
          },
        ]}
        onChange={(delays) => onChange({ delays })}
      />
      <Rows
        title="Scopes (saved separately)"
        item="Scope"
        rows={profile.scopes}
        newRow={{ id: `scope-${profile.scopes.length + 1}`, label: '' }}
        columns={[
          { label: 'Short', read: ({ id }) => id, write: (row, id) => ({ ...row, id }) },
          { label: 'In words', read: ({ label }) => label, write: (row, label) => ({ ...row, label }) },
        ]}
        onChange={(scopes) => onChange({ scopes })}
      />
      <Rows
        title="Switch banks"
        item="Bank"
        rows={profile.banks}
        newRow={{ id: `S${profile.banks.length + 1}`, label: `Bank ${profile.banks.length + 1}`, switches: 4 }}
        columns={[
          { label: 'Mark', read: ({ id }) => id, write: (row, id) => ({ ...row, id }) },
          { label: 'In words', read: ({ label }) => label, write: (row, label) => ({ ...row, label }) },
          {
            label: 'Switches',
            isNumber: true,
            read: ({ switches }) => String(switches),
            write: (row, text) => ({ ...row, switches: Math.max(1, Math.min(12, Math.round(Number(text)))) }),
          },
        ]}
        onChange={(banks) => onChange({ banks })}
      />
      <Rows
        title="Jumper blocks"
        item="Block"
        rows={profile.jumpers}
        newRow={{
          id: `J${profile.jumpers.length + 1}`,
          label: `Block ${profile.jumpers.length + 1}`,
          pins: ['1', '2'],
        }}
        columns={[
          { label: 'Mark', read: ({ id }) => id, write: (row, id) => ({ ...row, id }) },
          { label: 'In words', read: ({ label }) => label, write: (row, label) => ({ ...row, label }) },
          {
            label: 'Pins',
            read: ({ pins }) => pins.join(' '),
            write: (row, text) => ({ ...row, pins: text.split(' ') }),
          },
        ]}
        onChange={(jumpers) => onChange({ jumpers })}
      />
    </div>
  </>
);
