import Papa from 'papaparse';
import { DEVICE_LABELS } from '../devices/device';
import { type Harness, sparesOf, type TerminalRef } from '../wiring/harness';
import { FORMULA_CELL } from './csv-cell';

const words = (end: TerminalRef | null): [string, string] =>
  end === null ? ['', ''] : [DEVICE_LABELS[end.device], end.mark];

/** The wire list of a harness as CSV: one line per conductor, jumper and spare. */
export const wireListCsv = (harness: Harness): string => {
  const label = new Map(harness.cables.map((cable) => [cable.id, cable.label]));
  const lines = [
    ...harness.conductors
      .filter(({ from, to }) => from !== null || to !== null)
      .map(({ cable, colour, from, to, carries }) => [
        label.get(cable) ?? cable,
        colour ?? 'none left',
        ...words(from),
        ...words(to),
        carries,
      ]),
    ...harness.jumpers.map(({ from, to, why }) => ['jumper', '', ...words(from), ...words(to), why]),
    ...harness.cables.flatMap(({ id, label: name }) =>
      sparesOf(harness, id).map((colour) => [name, colour, '', '', '', '', 'spare']),
    ),
  ];
  return `${Papa.unparse({ fields: ['cable', 'colour', 'from device', 'from terminal', 'to device', 'to terminal', 'carries'], data: lines }, { newline: '\n', escapeFormulae: FORMULA_CELL })}\n`;
};
