import { useMemo } from 'react';
import type { Facts } from '@/core/job/document';
import { observedNow, stripKeys } from '@/core/model/observation-key';
import { useJob } from '../job/provider';

/** Supply of the kit, V: as read with strips on, else from the Survey. */
export const useKitVolts = (facts: Facts): { readonly volts: number; readonly measuredVolts: number | null } => {
  const readings = useJob((job) => job.readings);
  const read = useMemo(() => observedNow(facts, readings).get(stripKeys(facts).volts)?.value, [facts, readings]);
  const measuredVolts = typeof read === 'number' ? read : null;
  return { volts: measuredVolts ?? facts.heatKit.serviceVolts, measuredVolts };
};
