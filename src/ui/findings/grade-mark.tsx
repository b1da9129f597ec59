import { Circle, CircleCheckBig, CircleDot, OctagonX, TriangleAlert } from 'lucide-react';
import type { Grade } from '@/core/startup/step';

const MARKS = {
  open: { Icon: Circle, colour: 'text-quiet', word: 'Open' },
  pass: { Icon: CircleCheckBig, colour: 'text-pass', word: 'Pass' },
  warn: { Icon: TriangleAlert, colour: 'text-warn', word: 'Recheck' },
  fail: { Icon: OctagonX, colour: 'text-fail', word: 'Fail' },
  noted: { Icon: CircleDot, colour: 'text-quiet', word: 'Recorded' },
} as const;

/** A verdict as shape, color and word. */
export const GradeMark = ({
  grade,
  hasWord = false,
  size = 20,
}: {
  grade: Grade | 'open';
  hasWord?: boolean;
  size?: number;
}) => {
  const { Icon, colour, word } = MARKS[grade];
  return (
    <span className={`inline-flex shrink-0 items-center gap-1 font-label font-semibold ${colour}`}>
      <Icon size={size} {...(hasWord ? { 'aria-hidden': true } : { role: 'img', 'aria-label': word })} />
      {hasWord && word}
    </span>
  );
};
