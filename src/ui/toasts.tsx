'use client';

import { Toaster } from 'sonner';

/** Where short messages with their Undo appear. */
export const Toasts = () => (
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
