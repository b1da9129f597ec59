/** A chart's figures for those who would rather read, or cannot see it: folded under the chart. */
export const AsTable = ({ children }: { children: React.ReactNode }) => (
  <details className="min-w-0">
    <summary className="flex min-h-11 items-center text-sm underline decoration-dotted underline-offset-4">
      Show as table
    </summary>
    {children}
  </details>
);
