import { AppMark } from '../kit/app-mark';

/** A page before sign-in: logo, title and content. */
export const FrontPage = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <main className="mx-auto max-w-2xl px-4 py-6 sm:py-12">
    <p className="flex items-center gap-2 font-label text-xl font-semibold">
      <AppMark size={32} />
      Gate Cross
    </p>
    <h1 className="mt-4 mb-4 border-b-2 border-ink pb-2 page-head">{title}</h1>
    {children}
  </main>
);
