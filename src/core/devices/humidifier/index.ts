import type { Facts } from '../../job/document';
import { withBlower } from '../board/with-blower';
import type { Device } from '../device';

/** A humidifier on the blower call; if its leak sensor stops only the humidifier, the sensor belongs to it. */
export const humidifier = ({ boxes }: Facts): Device =>
  withBlower(
    'humidifier',
    {
      id: 'humidifier valve',
      label: 'Humidifier',
      va: boxes.humidifierVA,
      does: 'Lets water in while the blower runs.',
    },
    boxes.humidifier === 'alone'
      ? {
          id: 'humidifier wet switch',
          label: 'Humidifier’s wet switch',
          movedBy: 'floor-wet',
          rests: 'closed',
          openWhy: 'There is water under the humidifier: its wet switch has opened.',
        }
      : undefined,
  );
