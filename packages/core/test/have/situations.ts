import type { HullTypeId } from '@remigo/core'

/** What owners begin with: a boat, and what they have. Read by the core's table test and by the walk of each. */
export const SITUATIONS = [
  { name: 'cells first', hull: 'displacementLaunch', length: 7, have: '48 cells LFP 304 Ah' },
  {
    name: 'motor and cells of a fast boat',
    hull: 'planing',
    length: 5.1,
    have: 'motor 62 kW at 120 V, 150 V at most\n54 cells LFP 270 Ah',
  },
  { name: 'a motor alone', hull: 'dinghy', length: 3.4, have: '2 hp 110 V DC 3500 rpm' },
  {
    name: 'a whole outboard by its plate',
    hull: 'pontoon',
    length: 6,
    have: 'outboard 48 V 105 A 210 lbf\n48 V 160 Ah, 130 lb, two of them',
  },
  {
    name: 'a dead outboard’s leg and a head for it',
    hull: 'dinghy',
    length: 4.5,
    have: 'outboard leg 2:1\nmotor 5 kW 48 V 3000 rpm\n16 cells 100 Ah',
  },
  { name: 'two packs of unlike chemistry', hull: 'keelYacht', length: 8, have: '24 V 200 Ah LFP\n12 V 100 Ah AGM, 2' },
  { name: 'two packs of one chemistry', hull: 'keelYacht', length: 8, have: '48 V 200 Ah LFP\n12 V 100 Ah LFP, 8' },
  { name: 'panels only', hull: 'canoe', length: 5, have: '3 panels 215 W' },
  {
    name: 'a jet with its pump',
    hull: 'jetBoat',
    length: 5,
    have: 'jet 8.1 in impeller 75 kW 4200 rpm\nmotor 80 kW 350 V 4500 rpm',
  },
  { name: 'a hub motor by its torque', hull: 'pedalCraft', length: 4, have: '26 N·m 60 V hub motor' },
  {
    name: 'the drive and pack of a car',
    hull: 'semiDisplacement',
    length: 9,
    have: 'EV motor 80 kW 280 Nm 360 V 10390 rpm\ncar pack 24 kWh 360 V at 85 %',
  },
  {
    name: 'everything bought, nothing sized',
    hull: 'keelYacht',
    length: 8,
    have:
      'motor 6 kW 48 V 1500 rpm\ncontroller 48 V 200 A\n16 cells LFP 280 Ah\ncharger 1.5 kW\n2 panels 200 W\n' +
      'propeller 14 x 10\nbelt 2:1\nold diesel 12 hp',
  },
  {
    name: 'one reading only, with what drove her then',
    hull: 'displacementLaunch',
    length: 6.5,
    have: '4.6 mph took 50 V 38 A',
  },
  { name: 'a boat and a budget', hull: 'displacementLaunch', length: 7, have: 'budget 4,000 €' },
] as const satisfies readonly { name: string; hull: HullTypeId; length: number; have: string }[]
