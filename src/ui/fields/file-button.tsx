'use client';

import { useRef } from 'react';

interface FileButtonProps {
  /** What kind of file is asked for, for readers of the screen. */
  readonly label: string;
  readonly accept: string;
  /** Whether a phone takes a picture for it. */
  readonly isPicture?: boolean;
  readonly isBusy?: boolean;
  readonly className?: string;
  readonly onFile: (file: File) => void;
  readonly children: React.ReactNode;
}

/** A button that asks for a file; the same one can be given again. */
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
