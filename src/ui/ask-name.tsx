/** Said where a reading was entered before anybody said who reads. */
export const AskName = ({ isShown }: { isShown: boolean }) =>
  isShown ? (
    <p role="alert" className="text-sm font-medium text-fail">
      Say first who you are, above: it is not kept yet.
    </p>
  ) : null;
