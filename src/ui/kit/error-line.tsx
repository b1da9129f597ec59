/** What went wrong, said at once to readers of the screen; nothing is seen while nothing is wrong. */
export const ErrorLine = ({ problem }: { problem: string }) => (
  <p role="alert" className={problem ? 'border-l-4 border-fail pl-2' : 'hidden'}>
    {problem}
  </p>
);
