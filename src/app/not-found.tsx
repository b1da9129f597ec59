import Link from 'next/link';

const NotFound = () => (
  <main className="mx-auto max-w-xl p-8">
    <h1 className="font-label text-3xl font-semibold">Nothing here</h1>
    <p className="mt-2">There is no such page or job. It may have been deleted.</p>
    <Link href="/" className="strong-button mt-5">
      All jobs
    </Link>
  </main>
);

export default NotFound;
