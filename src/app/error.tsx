'use client';

const Failure = ({ reset }: { error: Error; reset: () => void }) => (
  <main className="mx-auto max-w-xl p-8">
    <h1 className="font-label text-3xl font-semibold">The page could not be made</h1>
    <p className="mt-2">
      The server or its database does not answer. What was entered on this device and not yet saved is kept here.
    </p>
    <button type="button" onClick={reset} className="strong-button mt-5">
      Try again
    </button>
  </main>
);

export default Failure;
