import type { Facts } from '../../job/document';
import { withBlower } from '../board/with-blower';
import type { Device } from '../device';

/** A ventilator’s damper that opens with the blower. */
export const ventilator = ({ boxes }: Facts): Device =>
  withBlower('ventilator', {
    id: 'ventilator damper',
    label: 'Ventilator',
    va: boxes.ventilatorVA,
    does: 'Lets outdoor air in while the blower runs.',
  });
