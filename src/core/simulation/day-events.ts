import type { ControlProgram } from '../control/in-time/program';
import { roundTo } from '../units/round';
import type { DayRun } from './day';

/** Something that happened in a run, with its reason and numbers. */
export interface DayEvent {
  readonly atMin: number;
  readonly id:
    | 'compressor-on'
    | 'compressor-off'
    | 'second-stage-on'
    | 'second-stage-off'
    | 'backup-on'
    | 'backup-off'
    | 'defrost-begins'
    | 'defrost-ends'
    | 'short-begins'
    | 'short-ends';
  readonly words: string;
}

const has = (signals: string, signal: string) => signals.split(' ').includes(signal);
const BACKUP_SIGNALS = ['AUX', 'E'] as const;

/** Everything that began or ended in a run, in its order. */
export const dayEvents = ({ trace, stepMin }: DayRun, program: ControlProgram): readonly DayEvent[] => {
  const events: DayEvent[] = [];
  const ticks = trace.roomF.length;
  const isBackup = (tick: number) => BACKUP_SIGNALS.some((signal) => has(trace.signals[tick]!, signal));
  const onPointF = program.auxOnF ?? program.differentialF;
  const shortAt = (tick: number) => trace.setpointF[tick]! - trace.roomF[tick]!;
  const isShort = (tick: number) => shortAt(tick) > onPointF + 0.5;
  let shortSince: number | null = null;
  for (let tick = 0; tick < ticks; tick++) {
    const atMin = tick * stepMin;
    const shortF = roundTo(shortAt(tick), 1);
    const say = (id: DayEvent['id'], words: string) => events.push({ atMin, id, words });
    const changed = (is: (at: number) => boolean): 'on' | 'off' | null => {
      const [before, now] = [tick > 0 && is(tick - 1), is(tick)];
      return before === now ? null : now ? 'on' : 'off';
    };
    const outdoorF = roundTo(trace.outdoorF[tick]!, 0);
    const compressor = changed((at) => trace.compressorStage[at]! > 0);
    if (compressor === 'on') say('compressor-on', `Compressor: ${shortF} °F short, ${outdoorF} °F out.`);
    if (compressor === 'off')
      say('compressor-off', isBackup(tick) ? 'Compressor off: the backup has the call.' : 'Compressor off: satisfied.');
    const second = changed((at) => has(trace.signals[at]!, 'Y2'));
    if (second === 'on')
      say(
        'second-stage-on',
        program.upstageMin === null
          ? `Second stage: ${shortF} °F short, it comes at ${program.stage2OnF}.`
          : `Second stage: still ${shortF} °F short after ${program.upstageMin} min of the first.`,
      );
    if (second === 'off') say('second-stage-off', 'Second stage off.');
    const backup = changed(isBackup);
    if (backup === 'on') {
      const isLockedOut = program.compressorBelowF !== null && trace.outdoorF[tick]! < program.compressorBelowF;
      say(
        'backup-on',
        isLockedOut
          ? `Backup as first stage: compressor locked out below ${program.compressorBelowF} °F, ${outdoorF} °F out.`
          : `Backup: ${shortF} °F short${program.auxOnF === null ? '' : `, it comes at ${program.auxOnF}`}${program.auxAfterMin === null ? '' : `, or after ${program.auxAfterMin} min`}.`,
      );
    }
    if (backup === 'off') say('backup-off', `Backup off: ${shortF} °F short.`);
    const defrost = changed((at) => trace.inDefrost[at]!);
    if (defrost === 'on')
      say(
        'defrost-begins',
        `Defrost: ${roundTo(trace.frostLb[Math.max(0, tick - 1)]!, 2)} lb of frost, ${outdoorF} °F out.`,
      );
    if (defrost === 'off')
      say(
        'defrost-ends',
        `Defrost ends: coil ${roundTo(trace.coilF[tick - 1]!, 0)} °F, ${roundTo(trace.frostLb[tick]!, 2)} lb left.`,
      );
    const short = changed(isShort);
    if (short === 'on') {
      shortSince = atMin;
      say('short-begins', `The room is ${shortF} °F short, more than the backup waits for.`);
    }
    if (short === 'off' && shortSince !== null) {
      say('short-ends', `The room has caught up after ${roundTo(atMin - shortSince, 0)} min.`);
      shortSince = null;
    }
  }
  return events;
};
