'use client';

import { Download, Link2, Printer, QrCode } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import { useJob } from '../job/provider';
import { lazyClient } from '../loading/lazy-client';

const OwnerLinks = lazyClient(() => import('./homeowner-links').then((module) => module.HomeownerLinks));

/** Print, files, label, homeowner link: everything to give out. */
export const ExportFiles = () => {
  const id = useJob((job) => job.saved.id);
  const [showsLinks, setLinks] = useState(false);
  return (
    <>
      <button type="button" className="strong-button" onClick={() => window.print()}>
        <Printer size={18} aria-hidden /> Print
      </button>
      <a className="plain-button" href={`/api/jobs/${id}/file`} download>
        <Download size={18} aria-hidden /> Job file (JSON)
      </a>
      <a className="plain-button" href={`/api/jobs/${id}/readings.csv`} download>
        <Download size={18} aria-hidden /> Readings (CSV)
      </a>
      <a className="plain-button" href={`/api/jobs/${id}/settings.csv`} download>
        <Download size={18} aria-hidden /> Settings (CSV)
      </a>
      <Link className="plain-button" href={`/jobs/${id}/handover/label`} prefetch={false}>
        <QrCode size={18} aria-hidden /> Panel-door label
      </Link>
      <button type="button" className="plain-button" onClick={() => setLinks(true)}>
        <Link2 size={18} aria-hidden /> Homeowner link
      </button>
      {showsLinks && <OwnerLinks jobId={id} onClose={() => setLinks(false)} />}
    </>
  );
};
