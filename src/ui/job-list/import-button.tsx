'use client';

import { Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { MAX_JOB_FILE_BYTES } from '@/core/formats/job-file-limit';
import { FileButton } from '@/ui/kit/file-button';
import { toast } from '@/ui/kit/toast';
import { call } from '@/ui/requests/api';

/** Imports a job file; an error shows its path, and nothing is saved. */
export const ImportButton = ({ onDone }: { onDone: () => void }) => {
  const [isBusy, setBusy] = useState(false);
  // One id for all attempts with a file until stored: a resent request makes one job.
  const triedIds = useRef(new Map<string, string>());
  const take = async (file: File) => {
    if (file.size > MAX_JOB_FILE_BYTES)
      return toast.error(
        `${file.name} is over ${MAX_JOB_FILE_BYTES / 1e6} MB, too big for a job file. Check that it is the right file.`,
      );
    const sameFile = `${file.name} ${file.size} ${file.lastModified}`;
    const copyId = triedIds.current.get(sameFile) ?? uuid();
    triedIds.current.set(sameFile, copyId);
    setBusy(true);
    const answer = await call<{ name: string; isCopy: boolean }>(`/api/jobs/import?copyId=${copyId}`, {
      method: 'POST',
      text: await file.text(),
    });
    setBusy(false);
    if (answer.kind !== 'lost') triedIds.current.delete(sameFile);
    if (answer.kind === 'ok') {
      onDone();
      toast(
        answer.value.isCopy
          ? `That job already exists: imported as ${answer.value.name}.`
          : `Imported: ${answer.value.name}`,
      );
    } else
      toast.error(
        `${file.name} was not imported. ${answer.kind === 'refused' && answer.path ? `${answer.path} ` : ''}${answer.error}`,
        { duration: 20_000 },
      );
  };
  return (
    <>
      <FileButton label="Job file" accept=".json,application/json" isBusy={isBusy} onFile={(file) => void take(file)}>
        <Upload size={18} aria-hidden /> <span className="max-sm:sr-only">Import a file</span>
      </FileButton>
    </>
  );
};
