import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import Markdown from 'react-markdown';
import { guideText } from '@/server/guide';
import { AppMark } from '@/ui/kit/app-mark';
import { BackButton } from '@/ui/kit/back-button';
import { GUIDE_PARTS } from '@/ui/shell/guide-parts';

interface Props {
  readonly params: Promise<{ part: string }>;
}

const partOf = async ({ params }: Props) => {
  const { part } = await params;
  return GUIDE_PARTS.find(({ id }) => id === part);
};

export const generateMetadata = async (props: Props): Promise<Metadata> => {
  const part = await partOf(props);
  return { title: part ? `Guide: ${part.label}` : 'Guide' };
};

/** One part of the guide, with links to the others. */
const GuidePage = async (props: Props) => {
  const part = await partOf(props);
  if (!part) notFound();
  const text = await guideText(part.file);
  return (
    <div className="mx-auto max-w-6xl px-3 py-4 sm:px-6">
      <header className="flex items-center gap-2 border-b-2 border-ink pb-2">
        <Link href="/" className="bare-button" aria-label="All jobs">
          <AppMark />
        </Link>
        <p className="flex-1 font-label text-xl font-semibold">Guide</p>
        <BackButton />
      </header>
      <div className="gap-10 lg:flex">
        <nav aria-label="Parts of the guide" className="flex flex-wrap gap-x-1 py-3 lg:w-56 lg:flex-col">
          {GUIDE_PARTS.map(({ id, label }) => (
            <Link
              key={id}
              href={`/guide/${id}`}
              prefetch={false}
              aria-current={id === part.id ? 'page' : undefined}
              className="flex min-h-11 items-center px-2 font-label text-lg aria-[current]:font-semibold aria-[current]:underline aria-[current]:underline-offset-4"
            >
              {label}
            </Link>
          ))}
        </nav>
        <main className="guide min-w-0 max-w-3xl flex-1 py-3">
          <Markdown
            components={{
              img: ({ src, alt }) => (
                // A screenshot from this server.
                <img
                  src={`/guide/${String(src).replace(/^\.\.\//, '')}`}
                  alt={alt ?? ''}
                  loading="lazy"
                  className="my-3 max-h-[70dvh] border border-line-strong"
                />
              ),
            }}
          >
            {text}
          </Markdown>
        </main>
      </div>
    </div>
  );
};

export default GuidePage;
