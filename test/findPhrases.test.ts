import { expect, it } from 'vitest'
import { checkFindings, DEMO, METRIC_UNITS, SHIPPED_LIBRARY } from '@remigo/core'
import { findEntries } from '../app/find/entries'
import { findIndex } from '../app/find/findIndex'

const index = findIndex(
  findEntries({
    library: SHIPPED_LIBRARY,
    findings: checkFindings(DEMO.tirrick).findings,
    boats: [],
    units: METRIC_UNITS,
  }),
)

/** What owners ask for in their words, by where it leads, first or second. */
const PHRASES: Readonly<Record<string, string>> = {
  'bench/wiring': '2/0; emergency stop; ground; bonding; galvanic; touch; disconnect; crimp; lugs',
  'bench/motor':
    'brushes; throttle; belt; derating; radiator; overheat; water cooling; hub motor; torque; bow motor; ' +
    'spare motor; my motor',
  'bench/use': 'full throttle; skier; tow; how fast; cruise; reserve; bottom paint; flat out',
  'bench/pack':
    'no battery; two batteries; used battery; second hand cells; box; vent; cold; lithium; LFP; strings; ' +
    'how many cells; my cells',
  'bench/boat': 'pedal; kayak; pontoon; beam; waterline',
  'bench/year': 'direct solar; solar panels; MPPT; winter; cloud; sun; year',
  'bench/day': 'tide; lock; lift bridge; departure; route; passage; current; wind',
  'bench/under': 'get home; turn home; last turn; way home; leg',
  'bench/charging': 'plug; shore power; how long to charge; charger; generator',
  'bench/curve': 'hump; planing; readings; watt meter; what I measured; first reading',
  'bench/propeller': 'slip; cavitation; folding prop; feathering; regeneration; prop pitch; left hand; noise',
  'bench/weights': 'trim; people aboard; passengers; stability; roll; weight',
  'bench/money': 'price; budget; cost; shopping list; supplier; payback',
  'bench/work': 'tasks; to do; photos; schedule',
  'bench/power': 'first start; insulation; polarity; commissioning',
  'bench/trial': 'sea trial; speed test; what I measured',
  'bench/trips': 'log; diary; trips; GPX',
  'bench/health': 'state of health; maintenance; service; due; wear',
  'bench/hybrid': 'hybrid; diesel; fuel cost',
  'bench/library': 'own parts; trolling motor; outboard bracket; shelf',
  'bench/sheet': 'print; compare',
  'action/start': 'what do I have; first start; new boat',
  'action/units': 'units; knots; mph; dark; night',
  'figure/distanceLeft': 'how far; miles',
  'figure/cruiseRange': 'range',
  'figure/packEnergy': 'battery size',
  'figure/fuseRating': 'fuse size',
  'figure/sunShade': 'mast',
  'figure/hullSpeed': 'hull speed',
  'field/boat.mass': 'weight; how heavy',
  'field/boat.draught': 'draft',
  'field/boat.waterDepth': 'depth; canal',
  'field/boat.drive.legRatio': 'gear ratio; lower unit',
  'field/use.houseLoad': 'house load; fridge',
  'field/use.topTime': 'full throttle; tow; skier',
  'field/use.headroom': 'headroom',
  'field/design.propeller.diameter': 'prop size',
  'field/design.systemVoltage': 'system voltage; 48 volts',
  'field/design.wiring.bmsCurrent': 'BMS; BMS amps',
  'field/design.banks.count': 'banks',
  'field/design.solar.shading': 'shade',
}

it.each(Object.entries(PHRASES).flatMap(([id, phrases]) => phrases.split('; ').map(phrase => [phrase, id] as const)))(
  '“%s” leads to %s, first or second',
  (phrase, id) =>
    expect(
      index
        .find(phrase)
        .slice(0, 2)
        .map(e => e.id),
    ).toContain(id),
)
