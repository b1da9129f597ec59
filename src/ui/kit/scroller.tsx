/** A table wider than its place: it scrolls by itself, by hand and by keyboard, and never the page. */
export const Scroller = ({ label, children }: { label: string; children: React.ReactNode }) => (
  <div role="region" aria-label={label} tabIndex={0} className="relative overflow-x-auto">
    {children}
  </div>
);
