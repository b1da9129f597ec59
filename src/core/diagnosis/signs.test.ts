import { CAUSE_KINDS } from '../causes/cause';
import { DEFAULT_MOMENT } from '../control/moment';
import { jobModel } from '../model/job-model';
import type { Prediction } from '../model/observables/definition';
import { once } from '../units/once';
import { familyById } from '../wiring/families';
import { predictedOn, tableOf } from './table';

const STRIPS = 'w1+aux-e+single+w-out+o';
const GAS = 'gas-two-stage+aux-e+two-stage+w-out+o';
const SENSOR = 'w1-w2+w2+single+w-in-out+sensor+b-own';

/** A cold day: the heat pump heats alone, and a coil frosts. */
const MOMENT = { ...DEFAULT_MOMENT, outdoorF: 28 };

const tables = new Map(
  [STRIPS, GAS, SENSOR].map((id) => [id, once(() => tableOf(jobModel(familyById(id)!.facts), MOMENT))]),
);
const predicted = (family: string, cause: string, probe: string): Prediction => {
  const table = tables.get(family)!();
  const found = table.causes.find(({ id }) => id === cause);
  const at = table.probeById(probe);
  if (!found || !at) throw new Error(`${cause} or ${probe} is not on ${family}`);
  return predictedOn(table.patientOf(found), at);
};

const textOf = (prediction: Prediction): string =>
  prediction.kind === 'word' ? prediction.word : prediction.kind === 'number' ? 'number' : prediction.kind;
const numberOf = (prediction: Prediction): number => (prediction.kind === 'number' ? prediction.value : NaN);

/** How a number differs from a good system's. */
type Sign = 'less' | 'more' | 'zero' | 'same';

const isSign = (text: string): text is Sign => ['less', 'more', 'zero', 'same'].includes(text);

/**
 * Causes, a probe, and what it shows, from reasoning about the machine, not from the model. A word is what is seen;
 * `less` and `more` compare with a good system.
 */
const SIGNS: readonly (readonly [family: string, cause: string, probe: string, shows: string])[] = [
  // An element that is open takes its share of amps and rise, and the ohmmeter finds the open part.
  [STRIPS, 'strips:element-1', 'element-ohms/rungs', 'element-1'],
  [STRIPS, 'strips:element-1', 'emergency/rung-amps', '2'],
  [STRIPS, 'strips:element-1', 'emergency/amps-1', 'less'],
  [STRIPS, 'strips:element-1', 'emergency/amps-element-1', 'zero'],
  [STRIPS, 'strips:element-1', 'emergency/amps-element-2', 'same'],
  [STRIPS, 'strips:link-2', 'element-ohms/link-2', 'open'],
  [STRIPS, 'strips:limit-2', 'element-ohms/limit-2', 'open'],
  // A sequencer that never closes is sound to the ohmmeter.
  [STRIPS, 'strips:switch-1', 'element-ohms/rungs', 'sound'],
  [STRIPS, 'strips:switch-1', 'emergency/amps-element-1', 'zero'],
  // Welded, it heats where nothing is called.
  [STRIPS, 'strips:welded-1', 'heat/supply', 'more'],
  // Low volts: every element gives less, by the square.
  [STRIPS, 'strips:low-supply', 'emergency/amps-element-1', 'less'],
  [STRIPS, 'strips:low-supply', 'emergency/amps-element-2', 'less'],
  [STRIPS, 'strips:low-supply', 'element-ohms/rungs', 'sound'],
  // The heat pump is untouched.
  [STRIPS, 'strips:element-1', 'heat/look-outdoor-unit', 'runs'],

  // Little air: hotter supply in every call. A choked filter raises static at the blower, a low tap lowers it.
  [STRIPS, 'air:filter', 'any/look-filter', 'choked'],
  [STRIPS, 'air:filter', 'heat/supply', 'more'],
  [STRIPS, 'air:filter', 'emergency/supply', 'more'],
  [STRIPS, 'air:filter', 'heat-aux/static', 'more'],
  [STRIPS, 'air:choked', 'heat-aux/static', 'more'],
  [STRIPS, 'air:choked', 'any/look-filter', 'clean'],
  [STRIPS, 'air:tap', 'heat-aux/static', 'less'],
  [STRIPS, 'air:tap', 'heat/supply', 'more'],
  [STRIPS, 'air:blower-dead', 'fan/look-blower', 'still'],
  [STRIPS, 'air:blower-dead', 'heat-aux/static', 'zero'],

  // No line voltage at the outdoor unit: the contactor pulls in, but the compressor and fan stay off.
  [STRIPS, 'supply:disconnect', 'heat/look-outdoor-unit', 'contactor-in-only'],
  [STRIPS, 'supply:disconnect', 'any/look-breakers', 'outdoors'],
  [STRIPS, 'supply:disconnect', 'heat/look-blower', 'runs'],
  [STRIPS, 'supply:line-dead', 'heat/look-outdoor-unit', 'contactor-in-only'],
  [STRIPS, 'supply:line-dead', 'any/look-breakers', 'on'],
  [STRIPS, 'supply:line-dead', 'emergency/rung-amps', '1+2'],
  [STRIPS, 'supply:guard', 'any/look-guard', 'holding'],
  [STRIPS, 'supply:guard', 'heat/compressor-amps', 'zero'],
  // No 24 V: nothing runs, and no breaker is off.
  [STRIPS, 'supply:transformer-dead', 'heat/look-outdoor-unit', 'still'],
  [STRIPS, 'supply:transformer-dead', 'heat/look-blower', 'still'],
  [STRIPS, 'supply:transformer-dead', 'any/look-breakers', 'on'],

  // Burned contacts: the contactor pulls in, but the compressor and fan stay off.
  [STRIPS, 'outdoors:contactor-burnt', 'heat/look-outdoor-unit', 'contactor-in-only'],
  [STRIPS, 'outdoors:contactor-burnt', 'heat/compressor-amps', 'zero'],
  // A compressor that does not start: the fan runs, the air is cool.
  [STRIPS, 'outdoors:capacitor', 'heat/look-outdoor-unit', 'fan-and-hum'],
  [STRIPS, 'outdoors:capacitor', 'power-off/capacitor-compressor', 'less'],
  [STRIPS, 'outdoors:capacitor', 'heat/supply', 'less'],
  [STRIPS, 'outdoors:compressor', 'power-off/compressor-windings', 'open'],
  [STRIPS, 'outdoors:compressor', 'heat/compressor-amps', 'zero'],
  [STRIPS, 'outdoors:compressor', 'heat/look-outdoor-unit', 'fan-alone'],
  // Outdoor fan dead: the compressor runs on a starved coil.
  [STRIPS, 'outdoors:fan', 'heat/look-outdoor-unit', 'compressor-alone'],
  [STRIPS, 'outdoors:fan', 'heat/fan-amps', 'zero'],
  [STRIPS, 'outdoors:fan', 'heat/supply', 'less'],
  [STRIPS, 'outdoors:fan-capacitor', 'power-off/capacitor-fan', 'less'],
  [STRIPS, 'outdoors:fan-capacitor', 'heat/supply', 'less'],
  // A valve stuck in cooling blows cold in heat; stuck in heating it heats, and never defrosts.
  [STRIPS, 'outdoors:valve-stuck-cooling', 'heat/supply', 'less'],
  [STRIPS, 'outdoors:valve-stuck', 'heat/supply', 'same'],
  [STRIPS, 'outdoors:valve-stuck', 'defrost/look-defrost', 'none'],
  [STRIPS, 'outdoors:charge', 'heat/look-gauges', 'low'],
  [STRIPS, 'outdoors:charge', 'heat/supply', 'less'],
  [STRIPS, 'outdoors:coil-dirty', 'any/look-coil-face', 'blocked'],
  [STRIPS, 'outdoors:coil-dirty', 'heat/supply', 'less'],
  [STRIPS, 'outdoors:board-dead', 'defrost/look-defrost', 'none'],
  [STRIPS, 'outdoors:board-dead', 'heat/supply', 'same'],
  [STRIPS, 'outdoors:coil-sensor', 'any/look-coil-sensor', 'off'],
  [STRIPS, 'outdoors:board-locked', 'heat/look-board-lamp', 'fault'],
  [STRIPS, 'outdoors:board-locked', 'heat/look-outdoor-unit', 'still'],

  // A furnace stops where its part of the sequence fails; the heat pump is untouched.
  [GAS, 'furnace:flue', 'emergency/look-flame', 'no-inducer'],
  [GAS, 'furnace:igniter', 'emergency/look-flame', 'no-glow'],
  [GAS, 'furnace:gas-valve', 'emergency/look-flame', 'no-light'],
  [GAS, 'furnace:flame-sensor', 'emergency/look-flame', 'drops-out'],
  [GAS, 'furnace:flame-sensor', 'emergency/flame-current', 'less'],
  [GAS, 'furnace:weak-fire', 'emergency/manifold', 'less'],
  [GAS, 'furnace:weak-fire', 'emergency/supply', 'less'],
  [GAS, 'furnace:weak-fire', 'emergency/look-flame', 'burns'],
  [GAS, 'furnace:igniter', 'heat/supply', 'same'],

  // Settings: what is locked out does not run, and emergency heat does all the same.
  [SENSOR, 'set:compressor-lockout', 'heat/look-outdoor-unit', 'still'],
  [SENSOR, 'set:compressor-lockout', 'heat/compressor-amps', 'zero'],
  [SENSOR, 'set:aux-lockout', 'heat-aux/supply', 'less'],
  [SENSOR, 'set:aux-lockout', 'emergency/supply', 'same'],
  [SENSOR, 'sensor:lost', 'any/look-outdoor-shown', 'none'],
  [SENSOR, 'sensor:sunlit', 'any/look-outdoor-shown', 'off'],
];

test.each(SIGNS)('%s, %s: %s shows %s', (family, cause, probe, shows) => {
  const now = predicted(family, cause, probe);
  if (!isSign(shows)) return expect(textOf(now)).toBe(shows);
  if (shows === 'zero') return expect(numberOf(now)).toBe(0);
  const sound = predicted(family, 'nothing', probe);
  switch (shows) {
    case 'same':
      return expect(now).toEqual(sound);
    case 'less':
      return expect(numberOf(now)).toBeLessThan(numberOf(sound));
    case 'more':
      return expect(numberOf(now)).toBeGreaterThan(numberOf(sound));
  }
});

test('each cause has words, who may fix it, and a caution where hands or a license are needed', () => {
  for (const family of [STRIPS, GAS, SENSOR])
    for (const { id, words, kind, by, caution } of tables.get(family)!().causes) {
      expect([id, kind in CAUSE_KINDS]).toEqual([id, true]);
      expect([id, words.length > 4]).toEqual([id, true]);
      if (by === 'licensed') expect([id, caution !== null]).toEqual([id, true]);
    }
});

test('a cause that changes no reading at all is one that only time or a setting shows', () => {
  const unseen = [STRIPS, GAS, SENSOR].flatMap((family) => {
    const table = tables.get(family)!();
    const sound = table.patientOf(table.causes.find(({ id }) => id === 'nothing')!);
    return table.causes
      .filter(({ id }) => id !== 'nothing')
      .filter((cause) =>
        table.probes.every(
          (probe) =>
            JSON.stringify(predictedOn(table.patientOf(cause), probe)) === JSON.stringify(predictedOn(sound, probe)),
        ),
      )
      .map(({ id }) => id);
  });
  expect(unseen.filter((id) => !/^strips:slow$/.test(id))).toEqual([]);
});
