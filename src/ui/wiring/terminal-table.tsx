'use client';

import { useState } from 'react';
import { type CallId, CALLS } from '@/core/control/moment';
import { DEVICE_LABELS } from '@/core/devices/device';
import type { TerminalRow } from '@/core/wiring/terminal-table';
import { Scroller } from '../kit/scroller';

/** Expected volts at each terminal in each call, to the device's own common. */
export const TerminalTable = ({
  rows,
  found,
  call,
}: {
  rows: readonly TerminalRow[];
  /** The same terminals with as-found wiring. */
  found: readonly TerminalRow[];
  call?: CallId;
}) => {
  const calls = [...(rows[0]?.volts.keys() ?? [])];
  const [showsAll, setShowsAll] = useState(false);
  const isLive = ({ isHot }: TerminalRow) => [...isHot.values()].some(Boolean);
  const asFound = new Map(found.map((row) => [row.device + row.mark, row]));
  const isDead = (row: TerminalRow) => {
    const other = asFound.get(row.device + row.mark);
    return !isLive(row) && !(other && isLive(other));
  };
  const dead = rows.filter((row) => row.mark !== 'C' && isDead(row)).length;
  return (
    <>
      <Scroller label="Volts at the terminals">
        <table className="w-full border-collapse text-sm print:text-[7pt] print:leading-[1.1]">
          <thead>
            <tr className="border-b-2 border-ink text-left align-bottom">
              <th scope="col" className="py-1 pr-2 font-label text-base print:py-0 print:text-[8pt]">
                Terminal to C
              </th>
              {calls.map((id) => (
                <th
                  key={id}
                  scope="col"
                  className={`px-1.5 py-1 text-right font-label text-base font-semibold print:py-0 print:text-[8pt] ${id === call ? 'bg-ink text-paper' : ''}`}
                >
                  {CALLS[id].short}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows
              .filter(({ mark }) => mark !== 'C')
              .map((row, at, all) => (
                <tr
                  key={row.device + row.mark}
                  className={`border-b border-line ${all[at - 1]?.device === row.device ? '' : 'border-t border-t-line-strong'} ${isDead(row) && !showsAll ? 'hidden print:table-row' : ''}`}
                >
                  <th
                    scope="row"
                    title={row.carries}
                    className="py-1 pr-2 text-left font-normal whitespace-nowrap print:py-0"
                  >
                    {DEVICE_LABELS[row.device]}{' '}
                    <b className="font-label text-base print:text-[8pt] print:leading-none">
                      {row.readTo === null ? row.mark : `${row.mark} to ${row.readTo}`}
                    </b>
                  </th>
                  {calls.map((id) => (
                    <td
                      key={id}
                      className={`px-1.5 text-right font-mono ${row.isHot.get(id) ? 'font-semibold' : 'text-quiet'}`}
                    >
                      {row.isHot.get(id) ? (
                        <span className="border-b-[3px] border-saffron print:border-b">
                          {row.volts.get(id)!.toFixed(1)}
                        </span>
                      ) : (
                        '0'
                      )}
                    </td>
                  ))}
                </tr>
              ))}
          </tbody>
        </table>
      </Scroller>
      {dead > 0 && (
        <button
          type="button"
          className="bare-button no-print mt-1 text-sm text-link"
          onClick={() => setShowsAll(!showsAll)}
        >
          {showsAll ? 'Hide terminals at 0 V in every call' : `Show ${dead} terminals at 0 V in every call`}
        </button>
      )}
    </>
  );
};
