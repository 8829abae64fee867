/** Numbers of rows in a sentence, neighbours as from–to: 1, 2, 3, 5 is "1–3, 5". */
export const rowNumbers = (rows: readonly number[]): string =>
  rows
    .reduce<[number, number][]>((spans, row) => {
      const last = spans.at(-1)
      if (last && row === last[1] + 1) last[1] = row
      else spans.push([row, row])
      return spans
    }, [])
    .map(([from, to]) => (from === to ? `${from}` : to === from + 1 ? `${from}, ${to}` : `${from}–${to}`))
    .join(', ')

/** Words of the samples and of the owner's readings, which the power curve's bench shows. */
export const readingWords = {
  sure: {
    head: 'How sure',
    hint: '2000 curves drawn from the band',
    go: 'Draw the samples',
    again: 'Draw again',
    cancel: 'Stop',
    progress: (n: number, of: number) => `${n} of ${of}`,
    power: 'Power at cruise',
    range: 'Range to the reserve',
    top: 'Top, continuous',
    of: '1 in 10 below, middle, 1 in 10 above',
    most: (advice: string, label: string, share: string) =>
      `${advice[0]!.toUpperCase()}${advice.slice(1)}: ${label} makes ${share} of the spread.`,
    share: 'of the spread',
  },
  readings: {
    head: 'What do you know already?',
    hint: 'any reading corrects the curve',
    pages: 'Pages of the readings',
    mendFirst: 'Mend the cell that makes no sense first',
    label: 'A speed, and what was read there',
    example: '3.9 kn 1850 W',
    examples:
      'Watts, or amps and volts; shaft power; rpm; pull of a tow line; fuel an hour; the old engine flat out; ' +
      'charge used: “5.5 mph 50 V 38 A”, “with 90 hp she did 17 mph”, “9 km in 80 min took 35 %”.',
    take: 'Add it',
    columns: { speed: 'Speed', read: 'Read', stream: 'Stream', doubt: 'Sure to ±' },
    direction: 'Way',
    ways: { '': '–', out: 'out', back: 'back' },
    against: 'Of theory',
    note: 'Note',
    made: 'Made with',
    madeWith: {
      asFitted: 'the drive that is fitted',
      oldEngine: 'the old engine',
      another: 'another drive',
      unknown: 'not said',
    },
    madeAtStart: {
      asFitted: 'As fitted today',
      oldEngine: 'The old engine',
      another: 'Another drive',
      unknown: 'Not sure',
    },
    packAtStart: 'A share of the charge, or amps alone, tell something once their pack is told: its kWh.',
    /** words of the choices of a setup */
    setup: {
      unknown: 'not known',
      trollingMotor: 'trolling motor',
      outboard: 'electric outboard',
      shaft: 'motor on a shaft',
      pod: 'pod or hub motor',
      none: 'none',
      locked: 'locked',
      freewheeling: 'turning free',
      folded: 'folded or feathered',
      clean: 'clean',
      slime: 'slime',
      weed: 'weed',
      barnacles: 'barnacles',
    },
    sea: 'Sea then',
    seas: { '': '–', smooth: 'smooth', slight: 'slight', moderate: 'moderate', rough: 'rough' },
    setups: 'What they were made with',
    setupOf: (rows: string, made: string, details: string) => `${rows}: ${made}${details ? ` · ${details}` : ''}`,
    notches: (n: number) => `${n} notches`,
    fromThen: 'Those that share it change together.',
    losses: (share: string, most: string, little: string, least: string) =>
      `As read, ${share} of its ${most} became pull times speed` + (little ? `; ${little} of ${least}.` : '.'),
    add: 'Add a row',
    remove: 'Take out reading',
    file: 'From CSV',
    paste: 'Rows can be pasted from a spreadsheet: speed, watts, way.',
    pasted: 'Paste rows here',
    takeRows: 'Take these rows',
    use: 'Everything else uses',
    uses: { measured: 'My readings too', theory: 'The methods alone' },
    more: (share: string) => `Your boat takes ${share} more than the theory at cruise.`,
    less: (share: string) => `Your boat takes ${share} less than the theory at cruise.`,
    same: 'Your boat takes what the theory says at cruise.',
    narrowed: (before: string, after: string) => `Power there was ${before}; it is ${after} now.`,
    margin: (share: string) =>
      `Curve and points hold your sea margin of ${share}: what was read in smoother water is lifted to it.`,
    off: (rows: string, share: string) =>
      `Reading ${rows} is ${share} of the theory, far from what it and the others lead one to expect: it counts ` +
      'little. Look at its units and the stream.',
    unread: (row: number, why: string) => `Reading ${row}: ${why}`,
    wants: 'Better still:',
    next: 'What would tell most next',
    nextHint: 'doubt of power at cruise',
    steps: {
      cruise: (speed: string) => `Watts at ${speed}, both ways`,
      top: (speed: string) => `Watts at ${speed}, both ways`,
      weight: () => 'Weigh her',
      bottom: () => 'Look at the bottom',
      form: () => 'Measure her shape: coefficients of the hull',
    },
    change: (from: string, to: string) => `± ${from} → ± ${to}`,
    house: 'Watts hold the house',
    houseYes: (w: string) => `Yes, ${w} of it`,
    houseNo: 'No',
    other:
      'Some were made with another drive, weight or bottom than the boat has now. They keep it: what carries over ' +
      'is the hull’s resistance.',
    madeNow: 'They were made as she is now',
    wrongField: (row: number, why: string) => `Reading ${row}: ${why}`,
    withStream: 'with stream',
    none: 'One reading already moves the curve and narrows its band. Best: two minutes steady, both ways, slack water.',
  },
} as const
