import type { Facts } from '../../job/document';
import { apartF } from '../../units/degrees';
import { roundTo } from '../../units/round';
import { clockAt, DAY_MIN, dayAt } from '../clock';
import { DIFFERENTIAL_F, shortSpells, shortWords } from './short-spells';
import type { SimulatedDay } from './simulated-days';
import { tickCount } from './ticks';

/** The answer of a run: whether the house held its setpoint, and if not, why. */
export const dayHeadline = (
  lived: SimulatedDay,
  facts: Facts,
): { readonly isHeld: boolean; readonly sentence: string } => {
  const { run, program, droopF } = lived;
  const spells = shortSpells(run, facts, program);
  const deepest = spells.reduce<(typeof spells)[number] | null>(
    (worst, spell) => (worst === null || spell.deepestF > worst.deepestF ? spell : worst),
    null,
  );
  const limit = apartF(roundTo(droopF, 1));
  if (deepest === null) return { isHeld: true, sentence: `OK: the room stays within ${limit} of setpoint.` };
  const isLong = tickCount(run) * run.stepMin > DAY_MIN;
  const at = `${isLong ? `day ${dayAt(deepest.fromMin)}, ` : ''}${clockAt(deepest.fromMin)}`;
  const total = roundTo(
    spells.reduce((sum, { shortMin }) => sum + shortMin, 0),
    0,
  );
  if (deepest.deepestF < droopF + DIFFERENTIAL_F)
    return {
      isHeld: true,
      sentence: `OK: lowest ${apartF(roundTo(deepest.deepestF, 1))} below setpoint; ${total} min below the ${limit} droop.`,
    };
  return {
    isHeld: false,
    sentence: `Too cold: more than ${limit} below setpoint for ${total} min, ${apartF(roundTo(deepest.deepestF, 1))} at worst, from ${at}: ${shortWords(deepest.fellBy, facts, program)}.`,
  };
};
