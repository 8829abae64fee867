/** Words of what an owner has already, and of what it does. */
export const haveWords = {
  head: 'What do you have already?',
  lead: 'Parts and readings, one a line, in your own words and units. Nothing yet: leave it empty.',
  label: 'One thing a line',
  placeholder: '16 cells LFP 280 Ah',
  kinds: {
    cells: ['Cells', 'cells '],
    battery: ['Battery', 'battery '],
    motor: ['Motor', 'motor '],
    outboard: ['Outboard', 'outboard '],
    controller: ['Controller', 'controller '],
    charger: ['Charger', 'charger '],
    panels: ['Panels', 'panels '],
    propeller: ['Propeller', 'propeller '],
    gear: ['Reduction', 'reduction '],
    leg: ['Leg', 'outboard leg '],
    engine: ['Old engine', 'old engine '],
    budget: ['Budget', 'budget '],
    reading: ['Reading', 'at '],
  } as const satisfies Record<string, readonly [label: string, starts: string]>,
  also:
    'Also read: “36 V 160 Ah, 96 lb, two of them”, “motor 62 kW at 120 V, 150 V at most”, “outboard 48 V 105 A ' +
    '210 lbf”, “3 panels 215 W”, “propeller 12 × 9”, “old diesel 18 hp at 2800”, “with 90 hp she did 33 mph”, ' +
    '“12 km in 95 min took 40 %”.',
  understood: 'Understood',
  estimated: 'estimated, till you know',
  inAll: (amount: string) => `${amount} in all`,
  paid: 'already paid',
  takes: (power: string) => `takes ${power}`,
  held: 'Held',
  leftOut: 'Left out',
  correct: 'Correct it',
  correcting: (name: string) => `Correct ${name}`,
  range: (value: string, low: string, high: string) => `${value}, ${low} to ${high}`,
  times: (count: number, name: string) => (count > 1 ? `${count} × ${name}` : name),
  engine: (power: string, rpm: string | null) => (rpm ? `${power} at ${rpm}` : power),
  things: { reduction: 'Reduction', leg: 'Leg', oldEngine: 'Old engine', budget: 'Budget' },
  gears: { belt: 'belt', gear: 'gearbox' },
  ratioOpen: 'gear not told',
  units: { us: 'Feet, pounds and miles from here on.', metric: 'Units follow what you type.' },
  otherUnits: { us: 'Use metres and kilograms', metric: 'Use feet and pounds' },
  does: {
    head: 'What they will do',
    columns: { speed: 'Speed', power: 'Power', time: 'For', way: 'Goes' },
    rows: { flatOut: 'Flat out', continuous: 'Continuous', farthest: 'Goes farthest' },
    note: 'In still water, from full to the reserve or as long as it holds, by the parts that are in her.',
    none: 'She makes no way with these.',
    planes: (most: number, aboard: number, all: boolean) =>
      `She planes with ${most} aboard, ${all ? 'and more were not looked at' : 'no more'}: 80 kg each, her weight as ` +
      `told holds ${aboard}. How many she may carry is for her capacity plate.`,
    planesNot: (from: string, reaches: string) =>
      `She does not plane, even with one aboard: the plane begins at about ${from}, and flat out she then does ` +
      `${reaches}.`,
    more: {
      head: 'What more would buy',
      parts: {
        string: 'One more string of the same',
        motor: 'a stronger motor',
        controller: 'a stronger controller',
        volts: 'more volts',
        wiring: 'stronger BMS, fuse, contactor and cable',
      },
      speed: (was: string, would: string, limit: string) =>
        `${was} to ${would} flat out${limit ? `, then ${limit}` : ''}`,
      way: (was: string, would: string) => `${was} to ${would} at the speed that goes farthest`,
    },
  },
} as const
