import type { Paragraph } from '@/core/handover/homeowner';

/** The homeowner page, in plain words. */
export const HomeownerPage = ({
  address,
  paragraphs,
  className,
}: {
  address: string;
  paragraphs: readonly Paragraph[];
  className: string;
}) => (
  <article aria-label="Homeowner’s page" className={`${className} print:text-[1.3rem]`}>
    <h2 className="page-head">Your heat pump</h2>
    <p>{address}</p>
    {paragraphs.map(({ title, lines }) => (
      <section key={title} className="mt-4">
        <h3 className="part-head">{title}</h3>
        {lines.map((line) => (
          <p key={line} className="mt-1">
            {line}
          </p>
        ))}
      </section>
    ))}
  </article>
);
