import { type ClampAt, expectedAmps } from '../../strips/clamp';
import { clampName } from './clamp-name';
import { type Asked, number, type ObservableKind, type Prediction } from './definition';

const kitAmps = (asked: Asked, clamp: ClampAt): Prediction => {
  const { elementsOn, isBlowerCalled, isTripping, kitVolts } = asked.works();
  const full = expectedAmps(asked.model.facts, clamp, elementsOn, isBlowerCalled, kitVolts);
  // Limits that cycle: any value in between.
  return isTripping ? number(full / 2, [0, full]) : number(full);
};

/** Amps of heat kit and blower at a clamp place. */
export const amps: ObservableKind<'amps'> = {
  key: ({ clamp }, place, facts) => `${place}/amps-${clampName(facts, clamp)}`,
  read: (asked, { clamp }) => kitAmps(asked, clamp),
};
