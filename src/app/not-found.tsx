const NotFound = () => (
  <main className="mx-auto max-w-xl p-8">
    <h1 className="page-head">Page not found</h1>
    <p className="mt-2">That page or job does not exist. It may have been deleted.</p>
    {/* A plain link: every page bears this one, and none should be heavier for it. */}
    <a href="/" className="strong-button mt-5">
      All jobs
    </a>
  </main>
);

export default NotFound;
