'use client';

import { ArrowLeft } from 'lucide-react';
import { useRouter } from 'next/navigation';

/** Back to the previous page. */
export const BackButton = () => {
  const router = useRouter();
  return (
    <button
      type="button"
      className="plain-button"
      onClick={() => (window.history.length > 1 ? router.back() : router.push('/'))}
    >
      <ArrowLeft size={18} aria-hidden /> Back
    </button>
  );
};
