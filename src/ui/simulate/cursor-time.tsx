'use client';

import { useCursor } from './cursor';
import { whenText } from './strip';

/** Time at the cursor. */
export const CursorTime = ({ minutes }: { minutes: number }) => (
  <output className="font-mono text-xl font-semibold">{useCursor(({ atMin }) => whenText(atMin, minutes))}</output>
);
