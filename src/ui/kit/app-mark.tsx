/** The application's logo: a load line crossing a source between two lockout markers. */
export const AppMark = ({ size = 28 }: { size?: number }) => (
  <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden>
    <path d="M3 24 29 7" stroke="currentColor" strokeWidth="2.2" />
    <path d="M3 13h26" stroke="var(--pine)" strokeWidth="4.5" />
    <path d="M10 4v24M22 4v24" stroke="var(--ember)" strokeWidth="2.8" />
  </svg>
);
