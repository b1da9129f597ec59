'use client';

import type { ComponentProps } from 'react';
import ReactApexChart from 'react-apexcharts';

/** A chart that never overflows its container, even before it is redrawn for a narrower screen. */
export const Chart = (props: ComponentProps<typeof ReactApexChart>) => (
  <div className="min-w-0 overflow-x-clip">
    <ReactApexChart {...props} />
  </div>
);
