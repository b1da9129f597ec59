/** A calculation that failed, with a way to try again. */
export const FailedTask = ({ words, onAgain }: { words: string; onAgain: () => void }) => (
  <p role="alert" className="border-l-4 border-fail pl-3">
    {words}{' '}
    <button type="button" className="bare-button px-1 font-semibold text-link" onClick={onAgain}>
      Try again
    </button>
  </p>
);
