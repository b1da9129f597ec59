/** Color of each source, the same everywhere. */
export const SOURCE_COLOR = {
  compressor: 'var(--pine)',
  strips: 'var(--ember)',
  fossil: 'var(--plum)',
  defrost: 'var(--ice)',
  blower: 'var(--slate)',
  control: 'var(--quiet)',
} as const;
