import { CircleHelp, OctagonAlert, TriangleAlert } from 'lucide-react';
import type { Severity } from '@/core/job/finding';

const MARKS = {
  error: { Icon: OctagonAlert, colour: 'text-fail', word: 'Error' },
  warning: { Icon: TriangleAlert, colour: 'text-warn', word: 'Warning' },
  advice: { Icon: CircleHelp, colour: 'text-ice', word: 'Advice' },
} as const;

/** Severity as a shape: octagon, triangle, circle. */
export const SeverityMark = ({ severity }: { severity: Severity }) => {
  const { Icon, colour, word } = MARKS[severity];
  return <Icon role="img" aria-label={word} size={20} className={`mt-0.5 shrink-0 ${colour}`} />;
};
