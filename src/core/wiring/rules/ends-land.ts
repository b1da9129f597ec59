import type { Found } from '../../job/finding';
import { capital } from '../../units/capital';
import { colorName, type Conductor, deviceIn, refWords } from '../harness';
import type { WiringRule } from './subject';

export const endsLand: WiringRule = {
  id: 'ends-land',
  why: 'A bare, unlanded end will find something to touch.',
  check: ({ harness }) => {
    const name = ({ colour, cable }: Conductor) =>
      `${colorName(colour, 'A conductor')} of the ${harness.cables.find(({ id }) => id === cable)?.label.toLowerCase() ?? 'cable'}`;
    return harness.conductors.flatMap((conductor): Found[] => {
      const { from, to, id } = conductor;
      const strange = [from, to].find(
        (end) => end !== null && !deviceIn(harness, end.device)?.terminals.some(({ mark }) => mark === end.mark),
      );
      if (strange)
        return [
          {
            severity: 'error',
            what: `${capital(name(conductor))} is recorded on the ${refWords(strange)}, which this system does not have.`,
            fix: 'The Survey changed after this was recorded. Enter where it lands now.',
            page: 'wiring',
            at: id,
            aspect: 'strange',
          },
        ];
      const end = from ?? to;
      if (end === null || (from !== null && to !== null)) return [];
      return [
        {
          severity: 'warning',
          what: `${capital(name(conductor))} is landed at the ${refWords(end)} and unconnected at its other end.`,
          fix: 'Land it, or remove and cap it.',
          page: 'wiring',
          at: id,
          aspect: 'loose',
        },
      ];
    });
  },
};
