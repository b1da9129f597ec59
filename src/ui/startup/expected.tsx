'use client';

import Link from 'next/link';
import type { Expectation } from '@/core/startup/step';
import { decimalsOf } from '@/core/units/decimals';
import { isDegreeUnit, unitOn } from '@/core/units/degrees';
import { roundTo } from '@/core/units/round';
import { LocalizedDegrees, useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { Why } from '../kit/why';

/** Expected value with tolerance, and its calculation on request. */
export const Expected = ({
  expected,
  unit,
  isLarge = false,
}: {
  expected: Expectation;
  unit: string;
  isLarge?: boolean;
}) => {
  const { scale, figure } = useDegrees();
  const id = useJob((job) => job.saved.id);
  switch (expected.kind) {
    case 'tick':
      return null;
    case 'record':
      return (
        <p className="text-sm text-quiet">
          <LocalizedDegrees>{expected.sum}</LocalizedDegrees>
        </p>
      );
    case 'needs':
      return (
        <p className="text-sm text-quiet">
          Expected value needs: <LocalizedDegrees>{expected.what}</LocalizedDegrees>.{' '}
          {expected.fact &&
            (expected.fact.startsWith('proof.') ? (
              'Enter it above, under “Limits for this step”.'
            ) : (
              <Link href={`/jobs/${id}/survey#${expected.fact}`} className="text-link">
                Enter it
              </Link>
            ))}
        </p>
      );
    case 'band': {
      const decimals = decimalsOf(unit);
      const shown = (value: number) =>
        isDegreeUnit(unit) ? figure(value, decimals) : roundTo(value, decimals).toFixed(decimals);
      return (
        <p className="text-sm">
          <span className="text-quiet">Expected </span>
          {expected.aim !== null && (
            <span className={`font-mono font-semibold ${isLarge ? 'text-[2rem] leading-tight' : 'text-lg'}`}>
              {shown(expected.aim)}
              <span className="text-xs font-normal"> {unitOn(scale, unit)}</span>
            </span>
          )}
          <span className="text-quiet">
            {' '}
            <LocalizedDegrees>{expected.tolerance}</LocalizedDegrees>
            {expected.aim !== null &&
              /%|±/.test(expected.tolerance) &&
              ` (${shown(expected.pass[0])} to ${shown(expected.pass[1])})`}
          </span>{' '}
          <Why label="how">
            <LocalizedDegrees>{expected.sum}</LocalizedDegrees>
          </Why>
        </p>
      );
    }
  }
};
