'use client';

import Link from 'next/link';
import type { Expectation } from '@/core/startup/step';
import { decimalsOf } from '@/core/units/decimals';
import { roundTo } from '@/core/units/round';
import { useJob } from '../job/provider';
import { Why } from '../why';

/** What should be read, with its tolerance, and how it is worked out on request. */
export const Expected = ({
  expected,
  unit,
  isLarge = false,
}: {
  expected: Expectation;
  unit: string;
  isLarge?: boolean;
}) => {
  const id = useJob((job) => job.saved.id);
  switch (expected.kind) {
    case 'tick':
      return null;
    case 'record':
      return <p className="text-sm text-quiet">{expected.sum}</p>;
    case 'needs':
      return (
        <p className="text-sm text-quiet">
          Expected once it is known: {expected.what}.{' '}
          {expected.fact && (
            <Link href={`/jobs/${id}/sheet#${expected.fact}`} className="underline underline-offset-4">
              Enter it
            </Link>
          )}
        </p>
      );
    case 'band': {
      const decimals = decimalsOf(unit);
      return (
        <p className="text-sm">
          <span className="text-quiet">Expect </span>
          {expected.aim !== null && (
            <span className={`font-mono font-semibold ${isLarge ? 'text-[2rem] leading-tight' : 'text-lg'}`}>
              {roundTo(expected.aim, decimals).toFixed(decimals)}
              <span className="text-xs font-normal"> {unit}</span>
            </span>
          )}
          <span className="text-quiet">
            {' '}
            {expected.tolerance}
            {expected.aim !== null &&
              /%|±/.test(expected.tolerance) &&
              ` (${roundTo(expected.pass[0], decimals)} to ${roundTo(expected.pass[1], decimals)})`}
          </span>{' '}
          <Why label="how">{expected.sum}</Why>
        </p>
      );
    }
  }
};
