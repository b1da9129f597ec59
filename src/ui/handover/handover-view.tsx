'use client';

import type { KeptHandover } from '@/core/handover/record-schema';
import { lazyBelowFold } from '../loading/lazy-below-fold';
import { ExportFiles } from './export-files';
import { HandoversProvider } from './handovers';

const HandOver = lazyBelowFold(() => import('./hand-over').then((module) => module.HandOver));
const ShownRecord = lazyBelowFold(() => import('./shown-record').then((module) => module.ShownRecord));

/** A job's record: read, print, export and hand over. */
export const HandoverView = ({ handovers }: { handovers: readonly KeptHandover[] }) => (
  <HandoversProvider value={handovers}>
    <div className="px-3 py-4 sm:px-6 print:p-0">
      <div className="no-print mx-auto mb-4 flex max-w-[52rem] flex-wrap items-center gap-2">
        <ExportFiles />
        <HandOver />
      </div>
      <ShownRecord />
    </div>
  </HandoversProvider>
);
