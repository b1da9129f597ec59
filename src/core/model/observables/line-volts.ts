import { indoorServiceVolts } from '../../job/indoor-supply';
import { NO_EQUIPMENT_FAULTS } from '../equipment-faults';
import type { Observable } from '../observable';
import { type Asked, number, type ObservableKind, type Prediction } from './definition';

/** Line volts that overload a compressor, relative to the service's. Our judgment: beyond the usual ten percent. */
const LOW_LINE_SHARE = 0.85;

const lineVoltsAt = (
  { model: { facts }, given }: Asked,
  { at, isLoaded }: Extract<Observable, { kind: 'line-volts' }>,
): Prediction => {
  const { serviceVolts } = facts.heatKit;
  const ails = given.ails ?? NO_EQUIPMENT_FAULTS;
  if (at === 'outdoor') {
    if (ails.outdoorLine === 'dead') return number(0);
    return number(serviceVolts * (ails.outdoorLine === 'low' ? LOW_LINE_SHARE : 1));
  }
  if (at === 'air-handler') return number(ails.seenOff === 'indoors' ? 0 : indoorServiceVolts(facts));
  // With one leg open, the other reaches the meter through the elements: it may read anything lower.
  if (ails.kitCircuitsOpen.includes(Number(at.slice('kit-'.length)) - 1)) return number(0);
  return number((isLoaded ? (given.kitVolts ?? serviceVolts) : serviceVolts) * ails.kitShare);
};

/** Line volts at a supply. */
export const lineVolts: ObservableKind<'line-volts'> = {
  key: ({ at, isLoaded }, place) => {
    if (!isLoaded) return `supply-volts/${at}`;
    return at.startsWith('kit-') ? 'strips/volts' : `${place}/volts-${at}`;
  },
  read: lineVoltsAt,
};
