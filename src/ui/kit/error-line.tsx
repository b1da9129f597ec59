/** An error message, announced to screen readers at once; invisible while empty. */
export const ErrorLine = ({ problem }: { problem: string }) => (
  <p role="alert" className={problem ? 'border-l-4 border-fail pl-2' : 'hidden'}>
    {problem}
  </p>
);
