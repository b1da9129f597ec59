'use client';

import { DateText } from '../kit/date-text';

/** Audit log of the crew, newest first. */
export const AuditList = ({
  lines,
}: {
  lines: readonly { readonly at: string; readonly person: string; readonly did: string; readonly subject: string }[];
}) => (
  <section aria-labelledby="audit-title" className="mt-8">
    <h2 id="audit-title" className="font-label text-xl font-semibold">
      Activity log
    </h2>
    {lines.length === 0 ? (
      <p className="mt-1 text-quiet">Nothing yet. Invitations, role changes and removals are listed here.</p>
    ) : (
      <>
        <ul className="mt-1 text-sm">
          {lines.slice(0, 50).map(({ at, person, did, subject }, line) => (
            <li key={`${at} ${line}`} className="border-b border-line py-1">
              <DateText at={at} /> {person}: {did}: {subject}
            </li>
          ))}
        </ul>
        <a href="/api/audit.csv" className="plain-button mt-2 inline-flex">
          As CSV
        </a>
      </>
    )}
  </section>
);
