'use client';

import type { FactPath } from '@/core/job/document';
import { FactField } from '../fields/fact-field';

/** Fields for the limits of a step. */
export const LimitFields = ({ limits }: { limits: readonly FactPath[] }) => (
  <div className="grid gap-x-6 pb-3 sm:grid-cols-2">
    {limits.map((path) => (
      <FactField key={path} path={path} />
    ))}
  </div>
);
