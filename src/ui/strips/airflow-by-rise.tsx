'use client';

import { memo } from 'react';
import { CAUTIONS } from '@/core/safety/cautions';
import { PlannedItems } from './planned-items';

const SHOWN = /^(strip-volts|amps-\d|return|supply)$/;

/** The guided airflow measurement on strips alone, and what it says about the blower setting. */
export const AirflowByRise = memo(function AirflowByRise() {
  return (
    <section aria-label="Airflow by temperature rise">
      <h2 className="mb-1 section-head">Airflow by temperature rise</h2>
      <ol className="list-decimal space-y-1 pl-5 text-sm">
        <li>Emergency heat: strips only, compressor off. {CAUTIONS['strips-need-air']}</li>
        <li>Run ten minutes, until supply temperature is steady. Keep probes out of line of sight of the strips.</li>
        <li>Enter volts and amps at the kit, then return and supply air. The supply reading gives the airflow.</li>
      </ol>
      <PlannedItems step="emergency" isShown={(item) => SHOWN.test(item)} />
    </section>
  );
});
