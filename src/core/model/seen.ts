/** What can be seen or heard, with the words for each state; the first is the normal one. */
export const SEEN = {
  'outdoor-unit': {
    label: 'Outdoor unit',
    words: {
      runs: 'Compressor and fan run',
      'fan-alone': 'Fan runs, compressor off',
      'fan-and-hum': 'Fan runs, compressor hums and stops',
      'compressor-alone': 'Compressor runs, fan stopped',
      hums: 'Hums, nothing turns',
      'contactor-in-only': 'Contactor pulled in, nothing runs',
      chatters: 'Contactor chatters',
      still: 'Contactor not pulled in, nothing runs',
    },
  },
  blower: { label: 'Blower', words: { runs: 'Runs', still: 'Not running' } },
  flame: {
    label: 'Burner',
    words: {
      burns: 'Lights and stays lit',
      'drops-out': 'Lights, then goes out',
      'no-inducer': 'Stops before the igniter: no inducer, or its switch stays open',
      'no-glow': 'Inducer runs, igniter dark or no spark',
      'no-light': 'Igniter works, no flame',
      cold: 'Nothing happens',
    },
  },
  frost: {
    label: 'Outdoor coil',
    words: { light: 'Clear, or a light even frost', iced: 'Iced over', bare: 'No frost, dry, not cold' },
  },
  'coil-face': {
    label: 'Air through the outdoor coil',
    words: { clear: 'Clean: light shows through, strong air at the top', blocked: 'Dirty, matted, or weak air' },
  },
  filter: { label: 'Filter', words: { clean: 'Clean', choked: 'Clogged' } },
  fuse: { label: 'Board fuse', words: { good: 'Good', blown: 'Blown' } },
  breakers: {
    label: 'Breakers and disconnects',
    words: {
      on: 'All on',
      kit: 'Heat kit’s off or tripped',
      indoors: 'Indoor unit’s off or tripped',
      outdoors: 'Outdoor unit’s off or tripped',
    },
  },
  'board-lamp': {
    label: 'Outdoor board’s lamp',
    words: { normal: 'Steady (normal per the label)', fault: 'Shows a fault', dark: 'Off' },
  },
  'coil-sensor': { label: 'Coil sensor', words: { on: 'Tight on the coil', off: 'Off the coil, or hanging loose' } },
  'outdoor-shown': {
    label: 'Outdoor temperature on the thermostat',
    words: { right: 'Within a few degrees', off: 'Far off', none: 'Not shown' },
  },
  defrost: {
    label: 'Forced defrost',
    words: {
      clears: 'Starts, steams, ends clear',
      cap: 'Ends on time limit, ice left',
      early: 'Ends within a minute or two, ice left',
      none: 'Does not start',
    },
  },
  guard: {
    label: 'Line-voltage monitor',
    words: { normal: 'None fitted, or light normal', holding: 'Holding the compressor' },
  },
  gauges: { label: 'Gauges', words: { normal: 'Per the chart', low: 'Low charge' } },
  cycling: {
    label: 'Compressor over 15 minutes',
    words: { steady: 'Runs steadily, or stays off only its minimum off time', minutes: 'Short-cycles' },
  },
} as const satisfies Record<string, { readonly label: string; readonly words: Readonly<Record<string, string>> }>;

export type SeenId = keyof typeof SEEN;

/** A word for something seen; the record stores it after `seen:`. */
export type SeenWord = { [K in SeenId]: keyof (typeof SEEN)[K]['words'] }[SeenId];

/** Words for something seen, by key. */
export const seenWords = (what: SeenId): Readonly<Record<string, string>> => SEEN[what].words;

/** States of a setting. */
export const SETTING_WORDS = { planned: 'As planned', otherwise: 'Not as planned' } as const;
