import type { Finding } from '../job/finding';

/**
 * The answer on the Wiring page: whether the conductors match the plan, and the worst finding.
 * @param findings wiring findings
 * @param isRecorded whether as-found wiring is recorded
 * @param moves number of conductors that differ from the plan
 */
export const wiringAnswer = (findings: readonly Finding[], isRecorded: boolean, moves: number): string => {
  const own = findings.filter(({ under }) => under === undefined);
  const worst = own.find(({ severity }) => severity === 'error') ?? own[0];
  const start = !isRecorded
    ? 'Wiring as planned'
    : moves === 0
      ? 'As found, the wiring matches the plan'
      : `As found, ${moves} conductor${moves === 1 ? ' differs' : 's differ'} from the plan`;
  if (!worst) return `${start}. Nothing to fix.`;
  const more = own.length > 1 ? ` ${own.length - 1} more below.` : '';
  return `${start}. ${worst.what}${more}`;
};
