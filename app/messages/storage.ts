/** Words of how the pack is kept, and of the sun: they come with the benches that show them. */
export const f = {
  views: { volts: 'Volts', room: 'Room', strings: 'Banks', power: 'Cold and sag', wear: 'Wear' }, view: 'Pack',
  unset: 'none', outside: (label: string, least: string, most: string, got: string) => `${label} runs from ${least} to ${most}; this is ${got}.`, whole: (label: string) => `${label} is a whole number.`,
  room: 'Spaces measured in the boat', roomHint: 'inside, clear of stiffeners', name: 'Space', length: 'Length', width: 'Width', height: 'Height', clearance: 'Free around', add: 'Add a space', remove: (what: string) => `Remove ${what}`, newSpace: (n: number) => `Space ${n}`,
  noRoom: 'Measure a locker or bunk: length fore and aft, width across, height. The blocks are then drawn where they fit.', roomHolds: (room: number) => `room for ${room} blocks`, placed: (n: number, of: number) => n === of ? `All ${of} blocks find a place.` : `${n} of ${of} blocks find a place; ${of - n} do not.`,
  layers: (n: number) => n > 1 ? `, ${n} layers` : '', roomCaution: 'Blocks stand upright, strapped against a roll, with air round them and no water under them. Weights low and near the middle.', seen: 'Seen from above, bow to the right.',
  banks: 'Banks', banksHint: 'each can drive alone', oneBank: 'One bank: with it goes the drive.', gone: 'If the largest bank goes', ways: 'If the drive fails', wayHome: { none: 'Nothing', sails: 'Sails', oars: 'Oars', secondDrive: 'Outboard' },
  worn: 'Worn or second-hand', others: 'Strings beside it', othersHint: 'other blocks in parallel', addString: 'Add a string', block: 'Block', series: 'in series', parallel: 'strings', left: 'left', lowCut: 'off empty', highCut: 'off full', alike: 'like the pack’s own', notCounted: 'not counted',
  mixWindow: (a: string, b: string) => `Volts that suit all: ${a} to ${b}.`, mixNoWindow: 'No volts suit all of them.', joined: (a: string) => `Joined full to half charged, ${a} would flow.`,
  reasons: { 'other chemistry': 'Another chemistry: its volts stand elsewhere at the same charge, so one group is always pushed out of its window.', 'other count of cells': 'Another count of cells: full for one is too much or too little for the other.', 'other capacity': 'Another capacity: it fills and empties at its own pace, and the amps do not divide evenly.', 'worn': 'More worn: it sags more, carries less, and is full and empty first.' },
  owned: 'Blocks already bought', ownedHint: 'ways to wire them', ownedNone: 'Type how many you have, and Remigo finds the best use of them.', ownedNo: 'No way to wire them suits motor and controller.', way: 'Wired', full: 'full', fastest: 'all day', range: 'at cruise', spare: 'spare',
  power: 'Power of the pack', charts: { limit: 'Power it gives', sag: 'Volts under load' }, chart: 'Chart', charge: 'State of charge, %', kilowatts: 'Greatest power, kW', volts: 'Volts at the lever’s power', asked: 'lever', least: 'drive’s least',
  chain: 'What the amps pass', chainHint: 'all day', links: { cells: 'Cells', guard: 'Battery guard', contactor: 'Contactor', fuse: 'Fuse (four fifths count)', cable: 'Cable', each: (label: string, n: number) => `${label}, ${n} × each` },
  warmth: 'Pack at', coldNote: 'The table is for half a minute. Resistance and capacity in the cold are common practice, from memory, to 30 %.', capacity: 'capacity', gives: 'gives', sags: 'sags to', cannot: 'cannot', allDay: 'All day', minutes: 'Half a minute', rating: 'Ratings',
  coldCharge: 'Charging in the cold', coldHint: 'what may flow as she plugs in', at: 'At', flows: 'flows', why: 'because',
  wear: 'Wear at this use', years: 'Years', leftShare: 'Capacity left, %', needs: 'an outing needs this', worn80: 'four fifths', outgrown: (y: string) => `After about ${y} an outing no longer fits with its reserve.`, neverFits: 'An outing does not fit even when it is new.', fitsToEnd: 'An outing fits to the end of its life.', by: { cycles: 'Outings wear it more than the years.', calendar: 'The years wear it more than the outings.' }, wearLead: 'until four fifths of the capacity are left.',
  wearCaution: 'From memory, to 40 %: keep it cool, half full when laid up, and it lasts longer.',
} as const

/** Words of the sun. */
export const s = {
  head: 'Sun', lead: (month: string) => `from the sun on a mean day in ${month}.`, carries: (pace: string) => `It carries her at ${pace} all daylight long, the house paid.`, none: 'No panels fitted.', noneWords: 'Fit them below to see what they would give; nothing of the boat changes until you keep it.', fit: 'Fit panels', leave: 'Leave them out',
  months: ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'], short: ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'],
  views: { energy: 'Energy', pace: 'Pace', light: 'Light' }, view: 'Chart', chart: 'The sun by month', month: 'Month', kwh: 'Into the pack in a day, kWh', pace: 'Speed that the sun carries', light: 'On a flat square metre in a day, kWh', allDay: 'all daylight', noon: 'clear noon', clear: 'no cloud', house: 'house', usual: 'mean day', refill: 'days to refill', ofMonth: 'A mean day in',
  place: 'Where she lies', placeHint: 'type it, or touch the map', map: 'World map: touch where she lies, or move the mark with the arrow keys', mark: (lat: string, lon: string) => `${lat}, ${lon}`,
  panels: 'Panels', panel: 'Panel', area: (a: string, w: string) => `${a} of deck, ${w}.`, lies: 'Faces', lieWays: { swings: 'All ways, she swings', fixed: 'One way' }, controller: 'Charge controller', direct: 'None, straight on the pack', tracks: 'follows the best point', plain: 'a switch', lifts: 'lifts the volts',
  window: 'Volts of a string', windowHint: 'cold and open to hot and loaded', pack: 'Pack', string: 'String', takes: 'Controller takes', table: 'Light by month', tableHint: 'kWh/m² in a day, on the flat', usualTable: 'Usual for the latitude', ownTable: 'Your table', all: 'All in the library',
  caution: 'Panels cannot be switched off by day: cover them before you touch their leads. A disconnect near them, a fuse at the pack, and a controller or relay that the battery guard can stop.',
  directNote: (share: string) => `Straight on the pack the panels work at its volts: they lose ${share} of what a tracking controller would take, and nothing ends the charge.`, helpless: 'Nothing is left of the sun after the house.',
} as const

/** Words of charging by other sources. */
export const q = {
  supply: 'The charger is fed by', supplies: { shore: 'Shore', generator: 'Generator', none: 'Nothing' }, helps: 'What helps', sun: 'Panels, by day', sailing: 'Propeller under sail', sunBench: 'Sun', month: 'In', plug: 'Socket', other: 'Another',
} as const
