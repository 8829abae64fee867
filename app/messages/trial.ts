/** Words of the samples and of the sea trial, which only the power curve's bench shows. */
export const t = {
  sure: {
    head: 'How sure', hint: 'weight, form, bottom, methods drawn 2000 times', go: 'Draw the samples', again: 'Draw again', cancel: 'Stop', progress: (n: number, of: number) => `${n} of ${of}`, power: 'Power at cruise', range: 'Range', top: 'Top, all day', of: '1 in 10 below, middle, 1 in 10 above', most: (advice: string, label: string, share: string) => `${advice[0]!.toUpperCase()}${advice.slice(1)}: ${label} makes ${share} of the spread.`, share: 'of the spread',
  },
  sea: {
    head: 'Sea trial', hint: 'your own watts at your own speeds', speed: 'Speed', power: 'Watts', voltage: 'Volts', current: 'Amps', direction: 'Way', ways: { '': '–', 'out': 'out', 'back': 'back' }, stream: 'Stream', note: 'Note', add: 'Add a run', remove: 'Take out run', file: 'From CSV', paste: 'Rows can be pasted from a spreadsheet: speed, watts, way.', pasted: 'Paste rows here', take: 'Take these rows', use: 'Everything else uses', uses: { theory: 'Methods', measured: 'My runs' },
    fitted: (factor: string, spread: string) => `Your runs ask ${factor} of what the methods say at cruise, ± ${spread}.`, off: (rows: string, share: string) => `Row ${rows} lies ${share} off the others; it counts little.`, honesty: (n: number) => `Trust ${n} of 100.`, wants: 'Better still:', madeWith: 'Made with', house: 'Watts hold the house', houseYes: (w: string) => `Yes, ${w} of it`, houseNo: 'No', other: 'These runs were made with another drive than the one on the board. They keep it: what carries over is the hull’s resistance.', madeNow: 'They were made with what is fitted now', wrong: (row: number, what: string, why: string) => `Row ${row}, ${what}: ${why}`, withStream: 'with stream',
    none: 'Three speeds or more make a curve. Slack water, little wind, each run two minutes, both ways.',
  },
} as const
