/** Words of charging: they come with its bench. */
export const c = {
  lead: (from: string, end: string) => `from ${from} to ${end} at the berth.`, full: 'full', never: 'Nothing flows: see the findings.', limits: { 'shore': 'The shore decides.', 'generator': 'The generator decides.', 'other sources': 'What helps decides.', 'charger amps': 'The charger’s amps decide.', 'charger watts': 'The charger’s watts decide.', 'cells': 'The cells decide.', 'cold': 'The cold decides.', 'taper': 'The end of charge decides.' },
  views: { charge: 'Charge', power: 'Power' }, view: 'Chart', chart: 'Charge and power over time at the berth', time: 'Time, h', charge: 'State of charge, %', power: 'Into the pack, kW', eighty: '80 %',
  counts: 'Side by side', countsHint: 'what another charger buys', count: (n: number) => n === 1 ? 'One charger' : `${n} chargers`, toEighty: 'to 80 %', toEnd: 'to the end', decides: 'decides', price: 'price',
  berth: 'At the berth', inlet: 'Plug', inlets: { household: 'Household', carType: 'Car-type post' }, charger: 'Charger', chargers: 'Chargers in the library', numbers: 'Figures', settings: 'Settings sheet', listens: 'hears the guard', deaf: 'deaf to the guard',
  caution: 'Mains kill, most of all near water. Shore cable, earth and residual-current breaker are for a licensed electrician; local code first.',
} as const
