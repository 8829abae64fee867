/** Words of the designs offered: they come with the sheet. */
export const designWords = {
  head: 'Other designs',
  hint: 'for what is not held',
  go: 'Search designs',
  again: 'Search again',
  cancel: 'Stop',
  tried: (n: string) => `${n} worked out; none of these is beaten by another in price, weight, range and power alike.`,
  virtues: {
    cheapest: 'cheapest',
    balanced: 'balanced',
    lightest: 'lightest',
    farthest: 'farthest',
    thriftiest: 'least power',
  },
  cost: 'Price',
  mass: 'Weight',
  range: (end: string) => `Range ${end}`,
  power: 'At cruise',
  none: 'Nothing in the library fits these wishes.',
  relax: 'Relax one:',
  noRelax:
    'Neither half the speed, half the way nor letting go of what is held would be enough: look at weight and ' +
    'dimensions, or add parts of your own to the library.',
  axisCost: 'Price, with what work above the touch limit adds',
  axisRange: 'Range at cruise to the reserve',
  unbeaten: 'not beaten',
  offered: 'offered',
  chart: 'Price against range of every design that no other beats',
  pack: (s: number, p: number, cell: string) => `${s} × ${p} ${cell}`,
} as const
