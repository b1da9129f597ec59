'use client';

const Failure = ({ reset }: { error: Error; reset: () => void }) => (
  <main className="mx-auto max-w-xl p-8">
    <h1 className="page-head">This page could not be loaded</h1>
    <p className="mt-2">
      The server or its database is not responding. Anything you entered that has not been sent is saved on this device.
    </p>
    <button type="button" onClick={reset} className="strong-button mt-5">
      Try again
    </button>
  </main>
);

export default Failure;
