const NotFound = () => (
  <main className="mx-auto max-w-xl p-8">
    <h1 className="font-label text-3xl font-semibold">Nothing here</h1>
    <p className="mt-2">There is no such page or job. It may have been deleted.</p>
    {/* A plain link: every page bears this one, and none should be heavier for it. */}
    <a href="/" className="strong-button mt-5">
      All jobs
    </a>
  </main>
);

export default NotFound;
