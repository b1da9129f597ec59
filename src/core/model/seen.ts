/** What can be seen or heard, and the words for how it can be. The first word is how it should be. */
export const SEEN = {
  'outdoor-unit': {
    label: 'Outdoor unit',
    words: {
      runs: 'Compressor and fan run',
      'fan-alone': 'Fan runs, compressor silent',
      'fan-and-hum': 'Fan runs, compressor hums and stops',
      'compressor-alone': 'Compressor runs, fan still',
      hums: 'Hums, nothing turns',
      'contactor-in-only': 'Contactor in, nothing turns',
      chatters: 'Contactor chatters',
      still: 'Contactor out, all still',
    },
  },
  blower: { label: 'Blower', words: { runs: 'Runs', still: 'Still' } },
  flame: {
    label: 'Burner',
    words: {
      burns: 'Lights and stays lit',
      'drops-out': 'Lights, then drops out',
      'no-inducer': 'Stops before the igniter: no inducer, or its switch stays open',
      'no-glow': 'Inducer runs, igniter dark or no spark',
      'no-light': 'Igniter works, no flame',
      cold: 'Nothing happens',
    },
  },
  frost: {
    label: 'Outdoor coil',
    words: { light: 'Clear, or a light even frost', iced: 'Iced over', bare: 'Bare and dry, not cold' },
  },
  'coil-face': {
    label: 'Air through the outdoor coil',
    words: { clear: 'Light shows through, strong air at the top', blocked: 'Dirty, matted, or weak air' },
  },
  filter: { label: 'Filter', words: { clean: 'Clean', choked: 'Choked' } },
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
    words: { normal: 'Steady, as its label says is normal', fault: 'Shows a fault', dark: 'Dark' },
  },
  'coil-sensor': { label: 'Coil sensor', words: { on: 'Tight on the coil', off: 'Off, or hanging' } },
  'outdoor-shown': {
    label: 'Outdoor temperature on the thermostat',
    words: { right: 'Within a few degrees', off: 'Far off', none: 'Not shown' },
  },
  defrost: {
    label: 'Forced defrost',
    words: {
      clears: 'Starts, steams, ends clear',
      cap: 'Ends on its time, ice left',
      early: 'Ends within a minute or two, ice left',
      none: 'Does not start',
    },
  },
  guard: { label: 'Line-voltage guard', words: { normal: 'None, or lamp normal', holding: 'Holding the compressor' } },
  gauges: { label: 'Gauges', words: { normal: 'As the chart says', low: 'Low charge' } },
  cycling: {
    label: 'Compressor over a quarter hour',
    words: { steady: 'Steady, or off for its minimum', minutes: 'Off and on within minutes' },
  },
} as const satisfies Record<string, { readonly label: string; readonly words: Readonly<Record<string, string>> }>;

export type SeenId = keyof typeof SEEN;

/** A word of a look; as kept in the record it follows `seen:`. */
export type SeenWord = { [K in SeenId]: keyof (typeof SEEN)[K]['words'] }[SeenId];

/** The words of a look, by word. */
export const seenWords = (what: SeenId): Readonly<Record<string, string>> => SEEN[what].words;

/** How a setting is found. */
export const SETTING_WORDS = { planned: 'As planned', otherwise: 'Otherwise' } as const;
