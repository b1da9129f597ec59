import { array, boolean, object } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { bounded, positive } from '../../border/schema';
import { type HeatKit, heatKit } from '../../strips/heat-kit';

const schema = object({
  ratedVolts: positive(1000, 'V').required('must be given, V'),
  suppliedVolts: positive(1000, 'V').required('must be given, V'),
  elementsKW: array(positive(100, 'kW').required('must be given, kW'))
    .min(1, 'must have at least one element')
    .max(24)
    .required('must be a list of kW'),
  blowerAmps: bounded(0, 100, 'A').required('must be given, A'),
  blowerOnFirstCircuit: boolean().typeError('must be true or false'),
  cfm: positive(20_000, 'CFM'),
  elevationFt: bounded(-1500, 20_000, 'ft'),
  measured: object({
    volts: positive(1000, 'V').required('must be given, V'),
    amps: positive(1000, 'A').required('must be given, A'),
    riseF: positive(300, '°F').required('must be given, °F'),
  }).default(undefined),
});

/** Calculates the `input` of a heat-kit case. Refuses an element that no standard breaker carries. */
export const calcHeatKit = (input: unknown): Parsed<Omit<HeatKit, 'circuits'> & { circuits: unknown }> => {
  const parsed = parseWith(schema, input);
  if (!parsed.ok) return parsed;
  const kit = heatKit(parsed.value);
  const tooLarge = kit.circuits.find(({ breakerAmps }) => breakerAmps === null);
  if (tooLarge) {
    return {
      ok: false,
      path: `elementsKW[${tooLarge.elements[0]}]`,
      error: `needs a circuit of ${tooLarge.minCircuitAmps.toFixed(1)} A, more than the largest standard breaker; check the element's kW`,
    };
  }
  const circuits = kit.circuits.map(({ loadAmps, minCircuitAmps, breakerAmps }) => ({
    loadAmps,
    minCircuitAmps,
    breakerAmps,
  }));
  return { ok: true, value: { ...kit, circuits } };
};
