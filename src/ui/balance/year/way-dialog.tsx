'use client';

import { useState } from 'react';
import type { Backup } from '@/core/job/backup';
import { FIXED_BOUNDS_F, type LockoutPlan } from '@/core/setup/ways/way';
import { ChoiceBox } from '../../fields/choice-box';
import { NumberBox } from '../../fields/number-box';
import { TextBox } from '../../fields/text-box';
import { DialogClose, DialogFrame } from '../../kit/dialog-frame';

const FIXED = 'fixed';

/** The present temperature, or a starting value. */
const standingOr = (value: LockoutPlan['compressorBelow'] | LockoutPlan['auxAbove'], first: number): number =>
  typeof value === 'number' ? value : first;

const COMPRESSOR_OPTIONS = {
  strips: [
    { value: 'none', label: 'Never, down to its low-temperature cutoff' },
    { value: FIXED, label: 'Below a temperature' },
  ],
  fossil: [
    { value: 'economic', label: 'Where the furnace is cheaper' },
    { value: 'thermal', label: 'At the thermal balance point (heat pump falls short)' },
    { value: 'none', label: 'By thermostat staging only' },
    { value: FIXED, label: 'Below a temperature' },
  ],
} as const;

interface WayDialogProps {
  readonly way: LockoutPlan;
  readonly backup: Backup;
  readonly onKeep: (way: LockoutPlan) => void;
  readonly onRemove: (() => void) | null;
  readonly onClose: () => void;
}

/** Edits one plan. */
export const PlanDialog = ({ way, backup, onKeep, onRemove, onClose }: WayDialogProps) => {
  const [draft, setDraft] = useState(way);
  const set = (part: Partial<LockoutPlan>) => setDraft((now) => ({ ...now, ...part }));
  const { compressorBelow, auxAbove } = draft;
  return (
    <DialogFrame title="Edit this plan" onClose={onClose}>
      <TextBox
        label="Name"
        value={draft.name}
        maxLength={60}
        check={(name) => (name.trim() === '' ? 'A name is needed.' : null)}
        onCommit={(name) => set({ name })}
      />
      <ChoiceBox
        label="Compressor locked out"
        options={COMPRESSOR_OPTIONS[backup]}
        value={typeof compressorBelow === 'number' ? FIXED : compressorBelow}
        onCommit={(value) =>
          set({
            compressorBelow:
              value === FIXED ? standingOr(compressorBelow, 35) : (value as LockoutPlan['compressorBelow']),
          })
        }
      />
      {typeof compressorBelow === 'number' && (
        <NumberBox
          label="Below"
          value={compressorBelow}
          unit="°F"
          step={1}
          min={FIXED_BOUNDS_F.compressorBelow[0]}
          max={FIXED_BOUNDS_F.compressorBelow[1]}
          onCommit={(value) => typeof value === 'number' && set({ compressorBelow: value })}
        />
      )}
      <ChoiceBox
        label="Backup locked out"
        options={[
          { value: 'none', label: 'Never' },
          { value: 'balance', label: 'Above the balance' },
          { value: FIXED, label: 'Above a temperature' },
        ]}
        value={typeof auxAbove === 'number' ? FIXED : auxAbove}
        onCommit={(value) =>
          set({ auxAbove: value === FIXED ? standingOr(auxAbove, 40) : (value as LockoutPlan['auxAbove']) })
        }
      />
      {typeof auxAbove === 'number' && (
        <NumberBox
          label="Above"
          value={auxAbove}
          unit="°F"
          step={1}
          min={FIXED_BOUNDS_F.auxAbove[0]}
          max={FIXED_BOUNDS_F.auxAbove[1]}
          onCommit={(value) => typeof value === 'number' && set({ auxAbove: value })}
        />
      )}
      {backup === 'strips' && (
        <>
          <ChoiceBox
            label="Strips with the compressor"
            options={[
              { value: 'helps', label: 'Help' },
              { value: 'emergency-only', label: 'Emergency only' },
            ]}
            value={draft.backup}
            onCommit={(value) => set({ backup: value as LockoutPlan['backup'] })}
          />
          <ChoiceBox
            label="Strips in defrost"
            options={[
              { value: 'on', label: 'On' },
              { value: 'off', label: 'Off' },
            ]}
            value={draft.tempering}
            onCommit={(value) => set({ tempering: value as LockoutPlan['tempering'] })}
          />
        </>
      )}
      <div className="flex flex-wrap gap-2 pt-2">
        <button
          type="button"
          className="strong-button"
          disabled={draft.name.trim() === ''}
          onClick={() => onKeep(draft)}
        >
          Save
        </button>
        <DialogClose className="plain-button">Cancel</DialogClose>
        {onRemove && (
          <button type="button" className="bare-button ml-auto px-2 text-link" onClick={onRemove}>
            Remove
          </button>
        )}
      </div>
    </DialogFrame>
  );
};
