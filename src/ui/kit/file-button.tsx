'use client';

import { useRef } from 'react';

interface FileButtonProps {
  /** Kind of file, for screen readers. */
  readonly label: string;
  readonly accept: string;
  /** Whether a phone opens its camera. */
  readonly isPicture?: boolean;
  readonly isBusy?: boolean;
  readonly className?: string;
  readonly onFile: (file: File) => void;
  readonly children: React.ReactNode;
}

/** A file button; the same file can be chosen again. */
export const FileButton = ({
  label,
  accept,
  isPicture = false,
  isBusy = false,
  className = 'plain-button',
  onFile,
  children,
}: FileButtonProps) => {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        {...(isPicture ? { capture: 'environment' as const } : {})}
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
      <button type="button" className={className} disabled={isBusy} onClick={() => input.current?.click()}>
        {children}
      </button>
    </>
  );
};
