import { resistanceMethodOf } from '../resistance'
import { FINE_FROUDE, type Evaluation } from '../system'
import type { Text } from '../units'
import { ALWAYS, HULL_FIELDS, type Figure } from './figure'

/** Which methods hold at the lever's speed, as a sentence. */
export function methodsHold({ point, model }: Evaluation): Text {
  const inside = point.resistance.methods.filter(m => m.inside > 0)
  if (inside.length === 0) return { text: 'Outside every method’s range: all are used, with a wide band.' }
  const names = inside.map(m => resistanceMethodOf(m.id).label).join(', ')
  const prepared = model.methods.find(m => m.method.id === inside[0]!.id)!.middle
  return {
    text:
      point.froude < FINE_FROUDE
        ? '{names}. Slow: idle losses and growth can double it.'
        : '{names}: from {from} to {to}.',
    params: {
      names,
      from: { value: prepared.speedFrom, quantity: 'speed' },
      to: { value: prepared.speedTo, quantity: 'speed' },
    },
  }
}

const methodSources = ({ model }: Evaluation) => model.methods.map(m => m.method.label).join(', ')

/** Figures of the hull. */
export const HULL_FIGURES = {
  pull: {
    label: 'Pull',
    quantity: 'force',
    part: 'hull',
    read: ({ point: { resistance } }) => ({ value: resistance.centre, low: resistance.low, high: resistance.high }),
    formula: 'pull = mean of the methods that hold, each (friction + wave + keel and rudder + air) × sea margin',
    inputs: e => [
      {
        value: e.point.resistance.friction,
        quantity: 'force',
        what: `friction of the hull, ${resistanceMethodOf(e.point.resistance.partsOf).label}`,
      },
      { value: e.point.resistance.wave, quantity: 'force', what: 'waves' },
      { value: e.point.resistance.appendage, quantity: 'force', what: 'keel, skeg and rudder' },
      { value: e.point.resistance.air, quantity: 'force', what: 'air' },
      { value: 1 + e.model.project.use.seaMargin, quantity: 'plain', what: 'sea margin' },
      ...e.point.resistance.methods.map(m => ({
        value: m.value,
        quantity: 'force' as const,
        what: `${resistanceMethodOf(m.id).label}${m.inside > 0 ? '' : ', outside its range'}`,
      })),
    ],
    source: 'Keuning & Sonnenberg 1998; Holtrop 1984; Gerr; ITTC-1957 friction; Hoerner 1965',
    holds: methodsHold,
    depends: HULL_FIELDS,
  },
  effectivePower: {
    label: 'Power at the hull',
    quantity: 'electricPower',
    part: 'hull',
    read: ({ point: { resistance: r, speed } }) => ({
      value: r.centre * speed,
      low: r.low * speed,
      high: r.high * speed,
    }),
    formula: 'power = pull × speed',
    inputs: e => [
      { value: e.point.resistance.centre, quantity: 'force', what: `pull, weighed from ${methodSources(e)}` },
      { value: e.point.speed, quantity: 'speed', what: 'the lever' },
    ],
    source: 'PE = R V',
    holds: methodsHold,
    depends: HULL_FIELDS,
  },
  leverSpeed: {
    label: 'Speed',
    quantity: 'speed',
    part: 'hull',
    read: ({ point }) => ({ value: point.speed }),
    formula: 'set by the lever',
    inputs: e => [
      { value: e.hullSpeed, quantity: 'speed', what: 'hull speed, to compare' },
      { value: e.cruise.speed, quantity: 'speed', what: 'cruise' },
    ],
    source: 'The owner',
    holds: () => ({ text: 'Through the water; a stream adds to it over ground.' }),
    depends: [],
  },
  waveLength: {
    label: 'Wave',
    quantity: 'length',
    part: 'hull',
    read: ({ point }) => ({ value: point.waveLength }),
    formula: 'length = 2 pi × speed² ÷ g',
    inputs: e => [{ value: e.point.speed, quantity: 'speed', what: 'the lever' }],
    source: 'Deep-water wave',
    holds: () => ({ text: 'Water deeper than half the wave.' }),
    depends: [],
  },
  froude: {
    label: 'Froude number',
    quantity: 'plain',
    part: 'hull',
    read: ({ point }) => ({ value: point.froude }),
    formula: 'Froude = speed ÷ √(g × waterline)',
    inputs: e => [
      { value: e.point.speed, quantity: 'speed', what: 'the lever' },
      { value: e.model.form.lengthWaterline, quantity: 'length', what: 'waterline' },
    ],
    source: 'Definition',
    holds: ALWAYS,
    depends: ['boat.lengthWaterline'],
  },
  hullSpeed: {
    label: 'Hull speed',
    quantity: 'speed',
    part: 'hull',
    read: e => ({ value: e.hullSpeed }),
    formula: 'speed = √(g × waterline ÷ 2 pi)',
    inputs: e => [
      {
        value: e.model.form.lengthWaterline,
        quantity: 'length',
        what: e.model.project.boat.lengthWaterline === null ? 'waterline, estimated' : 'waterline',
      },
    ],
    source: 'Wave as long as the waterline; 1.34 √LWL in knots and feet',
    holds: () => ({ text: 'Displacement hulls.' }),
    depends: ['boat.lengthWaterline'],
  },
  payoffSpeed: {
    label: 'Pays up to',
    quantity: 'speed',
    part: 'hull',
    read: e => ({ value: e.payoff.speed }),
    formula: 'the speed beyond which a tenth of a knot costs a tenth more power, or hull speed',
    inputs: e => [
      { value: e.payoff.effectivePower, quantity: 'electricPower', what: 'power at the hull there' },
      { value: e.hullSpeed, quantity: 'speed', what: 'hull speed' },
    ],
    source: 'Steepness of the methods that hold',
    holds: methodsHold,
    depends: HULL_FIELDS,
  },
  displacedVolume: {
    label: 'Water displaced',
    quantity: 'volume',
    part: 'hull',
    read: e => ({ value: e.model.form.volume }),
    formula: 'volume = weight ÷ density of the water',
    inputs: e => [
      { value: e.model.project.boat.mass, quantity: 'mass', what: 'weight' },
      { value: e.model.water.density, quantity: 'plain', what: 'density, kg/m³' },
    ],
    source: 'Archimedes; ITTC 7.5-02-01-03',
    holds: ALWAYS,
    depends: ['boat.mass'],
  },
  wettedSurface: {
    label: 'Wetted surface',
    quantity: 'area',
    part: 'hull',
    read: e => ({ value: e.model.form.wettedSurface }),
    formula: 'area of the hull body, from length, beam, draught and fullness',
    inputs: e => [
      { value: e.model.form.lengthWaterline, quantity: 'length', what: 'waterline' },
      { value: e.model.form.beamWaterline, quantity: 'length', what: 'beam at the waterline' },
      { value: e.model.form.draughtBody, quantity: 'length', what: 'draught of the hull body' },
      { value: e.model.form.midship, quantity: 'plain', what: 'midship coefficient' },
    ],
    source: 'Keuning & Sonnenberg 1998 for yachts; Holtrop & Mennen 1982 for launches',
    holds: ALWAYS,
    depends: ['boat.mass', 'boat.lengthWaterline', 'boat.beamWaterline'],
  },
} satisfies Record<string, Figure>
