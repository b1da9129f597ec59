import { OUTDOOR_POWER } from '../../devices/ids';
import { type EquipmentFaults, NO_EQUIPMENT_FAULTS } from '../equipment-faults';
import type { SeenId, SeenWord } from '../seen';
import { type Asked, type ObservableKind } from './definition';

const isFuseBlown = ({ state }: Asked): boolean =>
  state.fuseOpenedAtAmps !== null ||
  state.network.edges.some((edge) => edge.id === 'board fuse' && edge.kind === 'switch' && !edge.closed);

/** Frost that is seen as ice, lb. Our judgment: the coil's face is closed. */
const ICED_LB = 1;

const seenDefrost = (asked: Asked, ails: EquipmentFaults): SeenWord => {
  const { defrost } = ails;
  if (defrost === 'never' || !asked.state.energized.has(OUTDOOR_POWER)) return 'none';
  if (asked.works().heats !== false) return 'none';
  if (defrost === 'ends-early') return 'early';
  return (asked.given.night?.capped ?? 0) > 0 ? 'cap' : 'clears';
};

const seen = (asked: Asked, what: SeenId): SeenWord => {
  const { moment, state, given } = asked;
  const ails = given.ails ?? NO_EQUIPMENT_FAULTS;
  switch (what) {
    case 'outdoor-unit':
      return asked.works().outdoor;
    case 'blower':
      return asked.works().isBlowerOn ? 'runs' : 'still';
    case 'flame':
      return asked.works().flame;
    case 'frost': {
      const { isCompressorOn, heats } = asked.works();
      if (!isCompressorOn || heats === false) return 'bare';
      return (given.night?.frostLeftLb ?? 0) > ICED_LB ? 'iced' : 'light';
    }
    case 'filter':
      return ails.isFilterChoked ? 'choked' : 'clean';
    case 'fuse':
      return isFuseBlown(asked) ? 'blown' : 'good';
    case 'breakers':
      return ails.seenOff ?? 'on';
    case 'board-lamp':
      if (!state.energized.has(OUTDOOR_POWER)) return 'dark';
      return moment.scenario.conditions.includes('board-lockout') ? 'fault' : 'normal';
    case 'coil-sensor':
      return ails.defrost === 'sensor-off' ? 'off' : 'on';
    case 'outdoor-shown':
      return ails.outdoorShownF === null ? 'none' : ails.outdoorShownF === 0 ? 'right' : 'off';
    case 'defrost':
      return seenDefrost(asked, ails);
    case 'guard':
      return ails.outdoorLine === 'held' ? 'holding' : 'normal';
    case 'coil-face':
      return ails.outdoorCoil.air < 1 ? 'blocked' : 'clear';
    case 'gauges':
      return ails.isChargeLow ? 'low' : 'normal';
    case 'cycling':
      return ails.isShortCycling ? 'minutes' : 'steady';
  }
};

/** What is seen or heard, as one of a few words. */
export const look: ObservableKind<'seen'> = {
  key: ({ what }, place) => `${place}/look-${what}`,
  read: (asked, { what }) => ({ kind: 'word', word: seen(asked, what) }),
};
