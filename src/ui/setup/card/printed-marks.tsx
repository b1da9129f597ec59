import type { CardLine } from '@/core/setup/card/card';

/** Found, left and read-back values on paper, with a line to write on where missing. */
export const PrintedMarks = ({ line: { found, left, readBack } }: { line: CardLine }) => (
  <dl className="hidden grid-cols-3 gap-3 self-end print:grid">
    {(
      [
        ['Found', found],
        ['Left', left],
        ['Read back', readBack],
      ] as const
    ).map(([label, mark]) => (
      <div key={label}>
        <dt className="eyebrow">{label}</dt>
        <dd className="min-h-6 border-b border-ink font-mono text-base font-semibold">{mark?.value}</dd>
      </div>
    ))}
  </dl>
);
