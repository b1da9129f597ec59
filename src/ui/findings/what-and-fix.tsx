import { LocalizedDegrees } from '../degrees/degrees';

/** What is wrong, and what fixes it. */
export const WhatAndFix = ({ what, fix }: { what: string; fix: string }) => (
  <>
    <span className="font-medium">
      <LocalizedDegrees>{what}</LocalizedDegrees>
    </span>{' '}
    <span className="text-sm">
      <LocalizedDegrees>{fix}</LocalizedDegrees>
    </span>{' '}
  </>
);
