/** A chart's figures as a table, folded below it. */
export const AsTable = ({ children }: { children: React.ReactNode }) => (
  <details className="min-w-0">
    <summary className="flex min-h-11 items-center text-sm underline decoration-dotted underline-offset-4">
      Show as table
    </summary>
    {children}
  </details>
);
