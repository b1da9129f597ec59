import { backupOutputs } from '../../control/outputs';
import { nodeOf } from '../../devices/device';
import { hotMarks } from '../../devices/thermostat';
import type { Found } from '../../job/finding';
import { capital } from '../../units/capital';
import { colorName, type Harness, landedConductors, refText, refWords } from '../harness';
import type { WiringRule, WiringSubject } from './subject';

/** The conductor that connects a group of points to common, and its planned place. */
const wayHome = (harness: Harness, planned: Harness, group: readonly string[]): string | null => {
  for (const found of landedConductors(harness)) {
    const was = planned.conductors.find(({ id }) => id === found.id);
    for (const end of ['from', 'to'] as const) {
      const home = was?.[end];
      if (group.includes(refText(found[end])) && home && refText(home) !== refText(found[end]))
        return `${capital(colorName(found.colour, 'the conductor'))} goes back to ${refWords(home)}.`;
    }
  }
  return null;
};

/** Outputs that would short the transformer when they close; the lamp's input would only stay dark. */
const outputsOf = ({
  facts,
  harness,
}: WiringSubject): { readonly hot: Set<string>; readonly lamp: string | undefined } => {
  const wall = harness.devices.find(({ id }) => id === 'thermostat')!;
  const fed: readonly string[] = Object.values(hotMarks(facts));
  return {
    hot: new Set(wall.contacts.map(({ to }) => to).filter((mark) => !fed.includes(mark))),
    lamp: backupOutputs(facts).faultLamp,
  };
};

export const commonNotOnValve: WiringRule = {
  id: 'common-not-on-output',
  why: 'A thermostat output is hot on its call. With common landed on it, that call is a dead short.',
  check: (subject) => {
    const { harness, planned, joined } = subject;
    const powered = harness.devices.find(({ transformers }) => transformers.length > 0)!;
    const group = joined.with(nodeOf(powered.id, 'C'));
    const { hot, lamp } = outputsOf(subject);
    const home = wayHome(harness, planned, group);
    return group
      .filter((node) => node.startsWith('thermostat.'))
      .map((node) => ({ node, mark: node.slice('thermostat.'.length) }))
      .flatMap(({ node, mark }): Found[] => {
        const about = { page: 'wiring', at: node } as const;
        if (mark === lamp)
          return [
            {
              ...about,
              severity: 'error',
              what: `The common is landed on the thermostat’s ${mark}, its lamp input.`,
              fix: home ?? 'Move it to C: the fault lamp can never light.',
            },
          ];
        if (!hot.has(mark)) return [];
        const isValve = mark === 'B' || mark === 'O/B';
        return [
          {
            ...about,
            severity: 'error',
            what: `The common is landed on the thermostat’s ${mark}.`,
            fix: `${home ?? 'Move it to C.'}${isValve ? ' Some older equipment uses B for common. Here B is hot in heating.' : ''}`,
          },
        ];
      });
  },
};
