import { indoorId, outdoorId } from '../devices';
import type { DeviceId } from '../devices/device';
import type { Facts } from '../job/document';
import type { Observable } from '../model/observable';
import type { Item } from './step';

/** Where an item is read. */
export const STARTUP_PLACES = {
  wall: 'thermostat',
  indoor: 'indoor unit',
  yard: 'outdoor unit',
} as const;
export type StartupPlace = keyof typeof STARTUP_PLACES;

/** Default place of a step's items. */
const STEP_PLACES: Readonly<Record<string, StartupPlace>> = {
  conditions: 'wall',
  'own-stages': 'yard',
  'heat-2': 'wall',
  defrost: 'yard',
  refrigerant: 'yard',
  gates: 'wall',
  'far-ends': 'wall',
  outage: 'wall',
  leave: 'wall',
};

/** Items read at another place than the rest of their step. */
const ITEM_PLACES: Readonly<Record<string, StartupPlace>> = {
  'load/inrush': 'yard',
  'load/crankcase': 'yard',
  'load/surge': 'yard',
  'load/megohms': 'yard',
  'water/outdoor': 'yard',
  'cool/valve': 'yard',
  'leave/panels': 'indoor',
  'furnace/compressor-stays-off': 'yard',
};

const ofDevice = (facts: Facts, device: DeviceId): StartupPlace =>
  device === indoorId(facts) ? 'indoor' : device === outdoorId(facts) ? 'yard' : 'wall';

const ofObservable = (facts: Facts, observable: Observable): StartupPlace | null => {
  switch (observable.kind) {
    case 'volts':
    case 'ohms':
      return ofDevice(facts, observable.between[0].device);
    case 'motor-amps':
      return 'yard';
    case 'line-volts':
      return observable.at === 'outdoor' ? 'yard' : 'indoor';
    case 'temperature':
      if (observable.at === 'outdoor') return 'yard';
      return observable.at === 'indoor' ? 'wall' : 'indoor';
    case 'amps':
    case 'element-ohms':
    case 'pressure':
      return 'indoor';
    case 'time':
      return observable.of === 'defrost' ? 'yard' : 'indoor';
    default:
      return null;
  }
};

/** Place of a step's item. All parts of a packaged unit are outdoors. */
export const itemPlace = (facts: Facts, step: string, item: Item): StartupPlace => {
  const place =
    (item.of && ofObservable(facts, item.of.observable)) ??
    (item.proves === 'outdoor' ? 'yard' : undefined) ??
    (item.id.startsWith('dial-') ? 'yard' : undefined) ??
    ITEM_PLACES[`${step}/${item.id}`] ??
    STEP_PLACES[step] ??
    'indoor';
  return place === 'indoor' && indoorId(facts) === outdoorId(facts) ? 'yard' : place;
};
