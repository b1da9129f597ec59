'use client';

import { Printer } from 'lucide-react';
import type { TruckLine } from '@/core/truck/truck-list';

/** Parts with quantities; with a button to remove a part that can be on site already. */
export const TruckLines = ({ lines, onSite }: { lines: readonly TruckLine[]; onSite?: (key: string) => void }) =>
  lines.length === 0 ? (
    <p role="status">Nothing to load: everything the plan needs is on site.</p>
  ) : (
    <>
      <ul aria-label="Truck list">
        {lines.map(({ key, label, amount, unit, why }) => (
          <li key={key} className="flex items-center gap-3 border-b border-line py-1.5">
            <span className="w-16 shrink-0 text-right font-mono text-xl font-semibold">
              {amount}
              {unit && <span className="ml-1 text-sm font-normal">{unit}</span>}
            </span>
            <span className="min-w-0 flex-1">
              {label}
              {why && <span className="block text-sm text-quiet">{why}</span>}
            </span>
            {onSite && (
              <button
                type="button"
                className="plain-button no-print"
                aria-label={`On site: ${label}`}
                onClick={() => onSite(key)}
              >
                On site
              </button>
            )}
          </li>
        ))}
      </ul>
      <button type="button" className="plain-button no-print mt-3" onClick={() => window.print()}>
        <Printer size={18} aria-hidden /> Print
      </button>
    </>
  );
