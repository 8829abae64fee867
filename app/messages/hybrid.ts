/** Words of the hybrid bench. */
export const hybridWords = {
  serves: 'Pure electric is enough for this use.',
  servesMore: (needed: string, available: string) =>
    `An outing takes ${needed}; the pack gives ${available} above the reserve.`,
  short: (by: string) => `The pack is ${by} short of an outing.`,
  best: (name: string, price: string, years: string) => `Cheapest of what serves: ${name}, ${price} over ${years}.`,
  ways: 'Ways side by side',
  waysHint: 'the same use each; touch one for what it means',
  names: {
    electric: 'Pure electric',
    series: 'Generator under way',
    twoGenerators: 'Two generators',
    parallel: 'Engine on the same shaft',
    donor: 'Drive from a hybrid car',
    keepEngine: 'Keep the engine, add a motor',
    oneOfTwo: 'One of two engines replaced',
    asItIs: 'The old engine alone',
  },
  means: {
    electric: 'As many cells as the use takes, charged ashore.',
    series: 'A generator that holds cruise with an empty pack feeds the bus; it runs at three quarters of its plate.',
    twoGenerators: 'Two of half the size: one may fail, and at low speed one is enough.',
    parallel: 'A new small engine and the motor turn one shaft, each by its clutch; the engine runs the long legs.',
    donor: 'Motor, inverter and pack of a car, beside an engine. Its high volts and missing papers are work.',
    keepEngine: 'The old engine stays for the long legs, the motor takes harbours and short days.',
    oneOfTwo: 'One engine makes room for motor and pack; the other runs the long legs.',
    asItIs: 'For comparison: what she burns today.',
  },
  columns: {
    way: 'Way',
    fuel: 'fuel a year',
    shore: 'shore a year',
    silent: 'silent',
    mass: 'weighs more',
    price: 'now',
    years: (y: string) => `over ${y}`,
    co2: 'CO₂ a year',
  },
  detail: {
    efficiency: 'From its source to the propeller’s shaft',
    noise: 'One hears',
    fails: 'If one thing fails',
    room: 'Room',
    range: 'range',
  },
  range: (low: string, high: string) => `${low} to ${high}`,
  ofAll: (all: string) => `of ${all} under way`,
  costs: 'What things cost',
  fuels: { diesel: 'Diesel', petrol: 'Petrol' },
  fuel: 'Fuel',
  generator: 'Generator that holds a speed',
  generatorHint: 'with an empty pack, the house counted',
  speed: 'Speed',
  plate: 'plate',
  mile: 'a mile',
  map: 'Fuel by load',
  mapHint: 'where it should run: three quarters of its plate',
  load: 'load',
  perKwh: 'a kWh',
  service: (h: string) => `Service each ${h} of running (common practice: 100 to 250 h).`,
  caution:
    'Exhaust kills: a generator or engine wants its own air, exhaust and a CO alarm; petrol below deck a blower. ' +
    'Shore and generator meet at a changeover, never both. Local code and a licensed electrician come first.',
  how:
    'Energy of an outing at cruise against the pack, times outings in a year; engines by a line of fuel over ' +
    'load; prices, weights and services by common practice, ± 30 %; what an engine ' +
    'or generator weighs is carried along.',
} as const
