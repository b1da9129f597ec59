import type { Facts } from '../../job/document';
import type { Item, StartupStep } from '../step';
import { proveDead, tick } from '../tick';

/** Every supply that must be opened before hands go in. */
const supplies = ({ heatKit }: Facts): Item[] => {
  const kit = heatKit.breakersAmps.map((amps, at) =>
    proveDead(`dead-kit-${at + 1}`, `Heat-kit circuit ${at + 1} (${amps} A) open, locked, proven dead`),
  );
  const own =
    heatKit.blowerOnFirstCircuit && kit.length > 0
      ? []
      : [proveDead('dead-air-handler', 'Air-handler supply open, locked, proven dead')];
  return [...kit, ...own, proveDead('dead-outdoor', 'Outdoor disconnect open, locked, proven dead')];
};

export const makeSafe: StartupStep = {
  id: 'make-safe',
  title: 'Make safe and look',
  why: 'Loose lugs and dead limits are found cold. Nothing is touched before every supply is proven dead.',
  applies: () => true,
  build: ({ facts }) => ({
    cautions: ['two-supplies', 'capacitor'],
    how: [
      'Prove the tester on a live source, then the circuit, then the live source again.',
      'Tighten line lugs to the torque on the label. Look for heat marks, pinched wires, the airflow arrow on the kit.',
    ],
    call: null,
    waits: [],
    items: [
      ...supplies(facts),
      tick('lugs', 'Lugs tight, nothing scorched or pinched'),
      tick('filter', 'Filter clean, registers open'),
    ],
  }),
};
