'use client';

import { useEffect } from 'react';
import { Toaster } from 'sonner';

export { toast } from 'sonner';

/** Where short messages with Undo appear. */
export const ShownToaster = ({ onShown }: { onShown: () => void }) => {
  // The toaster listens before this is sent.
  useEffect(onShown, [onShown]);
  return (
    <Toaster
      position="top-center"
      toastOptions={{
        duration: 8000,
        style: {
          background: 'var(--ink)',
          color: 'var(--paper)',
          border: 'none',
          borderRadius: 3,
          fontFamily: 'var(--font-sans)',
          fontSize: '1rem',
        },
        actionButtonStyle: {
          background: 'var(--saffron)',
          color: '#17211f',
          minHeight: 36,
          paddingInline: 14,
          fontWeight: 600,
        },
      }}
    />
  );
};
