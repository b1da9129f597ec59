/** A table wider than its container: it scrolls inside, by touch and keyboard, and the page never does. */
export const Scroller = ({ label, children }: { label: string; children: React.ReactNode }) => (
  <div role="region" aria-label={label} tabIndex={0} className="relative overflow-x-auto">
    {children}
  </div>
);
