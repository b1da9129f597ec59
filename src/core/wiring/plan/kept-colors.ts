import type { Facts } from '../../job/document';
import { COLORS, isWireColor } from '../harness';
import { isThermostatFunction, landingOf, thermostatFunctionAt } from '../thermostat-functions';
import type { Palette } from './colors';

/** The thermostat cable’s colors as found, each reserved for what it was found to do. */
export const asTracedPalette = (facts: Facts): Palette => {
  const { thermostatColours, thermostatConductors } = facts.cables;
  const rows = thermostatColours.flatMap(({ colour, does }) => (isWireColor(colour) ? [{ colour, does }] : []));
  const spares = rows.filter(({ does }) => does === 'spare');
  const spoken = rows.filter(({ does }) => does !== 'spare');
  const [known, unknown] = [spoken.filter(({ does }) => does !== ''), spoken.filter(({ does }) => does === '')];
  const names = (list: typeof rows) => list.map(({ colour }) => colour);
  const there = names(rows).slice(0, thermostatConductors);
  const others = COLORS.filter((colour) => !there.includes(colour)).slice(0, thermostatConductors - there.length);
  return {
    colours: [...names(spares), ...others, ...names(known), ...names(unknown)].filter(
      (colour) => there.includes(colour) || others.includes(colour),
    ),
    spoken: new Set(names(spoken)),
    keptFor: ({ from }) => {
      const wanted = thermostatFunctionAt(facts, from);
      if (wanted === null) return [];
      return spoken.flatMap(({ colour, does }) =>
        isThermostatFunction(does) && landingOf(does) === landingOf(wanted) ? [colour] : [],
      );
    },
  };
};
