import type { Facts } from '../../job/document';
import type { Coil, Contact } from '../device';
import { BLOWER_BY_HEAT_COIL, BLOWER_COIL, type CoilId } from '../ids';

/** The fan-on-heat output draws almost nothing, VA. Our judgment: a logic input. */
const FAN_OUTPUT_VA = 0.5;

/** The blower's relay, called by G. */
export const blowerRelay = ({ airHandler }: Facts): Coil => ({
  id: BLOWER_COIL,
  label: 'Blower',
  from: 'G',
  to: 'C',
  va: airHandler.blowerRelayVA,
  source: 'blower',
  does: 'Starts the blower.',
});

/** Mark of the input that slows the blower in humid air. */
export const DEHUMIDIFY_MARK = 'DH';

/** Whether a job's dehumidistat has an input: one that the board uses only in cooling. */
export const hasDehumidistat = ({ boxes }: Facts): boolean => boxes.dehumidify === 'cooling';

/** The input that keeps the blower at full air while it is hot; none if nothing is landed on it. */
export const dehumidifyInput = (facts: Facts): readonly Coil[] =>
  hasDehumidistat(facts)
    ? [
        {
          id: 'dehumidify input',
          label: 'Full airflow in cooling',
          from: DEHUMIDIFY_MARK,
          to: 'C',
          va: FAN_OUTPUT_VA,
          source: 'blower',
          does: '24 V on it: full cooling airflow. No 24 V: the blower slows in cooling and removes more moisture.',
        },
      ]
    : [];

/** The fan output that follows heat: closed by a coil, so that heat never runs without air. */
export const heatBlowerRelay = (coil: CoilId, openWhy: string): { readonly coil: Coil; readonly contact: Contact } => ({
  coil: {
    id: BLOWER_BY_HEAT_COIL,
    label: 'Blower (heat relay)',
    from: 'fan',
    to: 'C',
    va: FAN_OUTPUT_VA,
    source: 'blower',
    does: 'Runs the blower whenever heat is on.',
  },
  contact: {
    id: 'fan output by heat',
    label: 'Heat fan output',
    from: 'R',
    to: 'fan',
    movedBy: { coil },
    rests: 'open',
    openWhy,
  },
});
