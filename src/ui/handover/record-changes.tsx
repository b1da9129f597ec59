import type { RecordDifference } from '@/core/handover/record-differences';

/** How a signed record would differ if printed today. */
export const RecordChanges = ({ differences }: { differences: readonly RecordDifference[] }) => (
  <details className="no-print mx-auto mb-4 max-w-[52rem] border border-line bg-sheet px-4 py-2">
    <summary className="min-h-11 cursor-pointer py-2 font-label text-lg font-semibold">
      {differences.length === 0
        ? 'Unchanged: today’s record would read the same'
        : `${differences.length} ${differences.length === 1 ? 'line' : 'lines'} would read differently today`}
    </summary>
    {differences.length > 0 && (
      <table className="w-full text-sm">
        <thead>
          <tr className="border-b border-ink text-left">
            <th scope="col" className="pr-3">
              Line
            </th>
            <th scope="col" className="pr-3">
              As handed over
            </th>
            <th scope="col">Today</th>
          </tr>
        </thead>
        <tbody>
          {differences.map(({ where, then, now }) => (
            <tr key={where} className="border-b border-line align-top">
              <th scope="row" className="py-1 pr-3 text-left font-normal">
                {where}
              </th>
              <td className="py-1 pr-3">{then ?? 'not there'}</td>
              <td className="py-1 font-semibold">{now ?? 'not there'}</td>
            </tr>
          ))}
        </tbody>
      </table>
    )}
  </details>
);
