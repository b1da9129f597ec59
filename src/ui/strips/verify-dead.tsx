'use client';

import { memo } from 'react';
import { PlannedItems } from './planned-items';

/** Every supply to open, lock and verify dead before hands go in: the same ticks as in Startup. */
export const VerifyDead = memo(function ProveDead() {
  return (
    <section aria-label="Before you put your hands in">
      <h2 className="mb-1 section-head">Before you put your hands in</h2>
      <p className="text-sm">
        Test the tester on a live source, then the circuit, then the tester again. Discharge every capacitor before
        hands go in.
      </p>
      <PlannedItems step="make-safe" isShown={(item) => item.startsWith('dead-')} />
    </section>
  );
});
