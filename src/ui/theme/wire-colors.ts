import type { WireColor } from '@/core/wiring/harness';

/** Look of a conductor's insulation. The color word is always next to it. */
export const INSULATION: Record<WireColor, string> = {
  red: '#c4302b',
  white: '#f4f4f0',
  green: '#2f8a45',
  blue: '#2b5fb0',
  yellow: '#e8c22e',
  brown: '#7a4b2a',
  orange: '#e27f24',
  black: '#24262a',
  pink: '#e79ab0',
  grey: '#9aa0a3',
};
