import { GRAVITY } from '../constants'
import { recommend, resistanceMethodOf } from '../resistance'
import { FINE_FROUDE, type Evaluation } from '../system'
import { type Text, metresPerSecond } from '../units'
import { ALWAYS, figure, force, HULL_FIELDS, length, listed, of, plain, power, speed } from './figure'

/** Which methods hold at the lever's speed, as a sentence. */
export function methodsHold({ point, model }: Evaluation): Text {
  const inside = point.resistance.methods.filter(m => m.holds)
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
      from: metresPerSecond(prepared.speedFrom),
      to: metresPerSecond(prepared.speedTo),
    },
  }
}

const methodSources = ({ model }: Evaluation) => model.methods.map(m => m.method.label).join(', ')
const lever = ({ point }: Evaluation) => speed(point.speed, 'the lever')

/** Figures of the hull. */
export const HULL_FIGURES = {
  pull: figure({
    label: 'Pull',
    quantity: 'force',
    part: 'hull',
    inputs: ({ point: { resistance: r }, model }) => ({
      friction: force(r.friction, `friction of the hull, ${resistanceMethodOf(r.partsOf).label}`),
      wave: force(r.wave, 'waves'),
      appendage: force(r.appendage, 'keel, skeg and rudder'),
      air: force(r.air, 'air'),
      margin: plain(1 + model.project.use.seaMargin, 'sea margin'),
      ...listed(
        r.methods.map(m => force(m.value, `${resistanceMethodOf(m.id).label}${m.holds ? '' : ', outside its range'}`)),
      ),
    }),
    // a measured curve is a factor on what the methods give
    formula: (values: Record<string, number>, { point: { resistance: r }, model }) =>
      model.project.trial.use === 'measured'
        ? r.centre
        : recommend(r.methods.map((m, i) => ({ ...m, value: values[`n${i}`]! }))).centre,
    words: 'pull = mean of the methods that hold, each (friction + wave + keel and rudder + air) × sea margin',
    band: ({ point: { resistance: r } }) => ({ low: r.low, high: r.high }),
    source: 'Keuning & Sonnenberg 1998; Holtrop 1984; Gerr; ITTC-1957 friction; Hoerner 1965',
    holds: methodsHold,
    depends: HULL_FIELDS,
  }),
  effectivePower: figure({
    label: 'Power at the hull',
    quantity: 'electricPower',
    part: 'hull',
    inputs: e => ({
      pull: force(e.point.resistance.centre, `pull, weighed from ${methodSources(e)}`),
      lever: lever(e),
    }),
    formula: ({ pull, lever }) => pull * lever,
    words: 'power = pull × speed',
    band: ({ point: { resistance: r, speed } }) => ({ low: r.low * speed, high: r.high * speed }),
    source: 'PE = R V',
    holds: methodsHold,
    depends: HULL_FIELDS,
  }),
  leverSpeed: figure({
    label: 'Speed',
    quantity: 'speed',
    part: 'hull',
    inputs: e => ({
      lever: lever(e),
      hull: speed(e.hullSpeed, 'hull speed, to compare'),
      cruise: speed(e.cruise.speed, 'cruise'),
    }),
    formula: ({ lever }) => lever,
    words: 'set by the lever',
    source: 'The owner',
    holds: () => ({ text: 'Through the water; a stream adds to it over ground.' }),
    depends: [],
  }),
  waveLength: figure({
    label: 'Wave',
    quantity: 'length',
    part: 'hull',
    inputs: e => ({ lever: lever(e) }),
    formula: ({ lever }) => (2 * Math.PI * lever ** 2) / GRAVITY,
    words: 'length = 2 pi × speed² ÷ g',
    source: 'Deep-water wave',
    holds: () => ({ text: 'Water deeper than half the wave.' }),
    depends: [],
  }),
  froude: figure({
    label: 'Froude number',
    quantity: 'plain',
    part: 'hull',
    inputs: e => ({ lever: lever(e), waterline: length(e.model.form.lengthWaterline, 'waterline') }),
    formula: ({ lever, waterline }) => lever / Math.sqrt(GRAVITY * waterline),
    words: 'Froude = speed ÷ √(g × waterline)',
    source: 'Definition',
    holds: ALWAYS,
    depends: ['boat.lengthWaterline'],
  }),
  hullSpeed: figure({
    label: 'Hull speed',
    quantity: 'speed',
    part: 'hull',
    inputs: ({ model: { form, project } }) => ({
      waterline: length(
        form.lengthWaterline,
        project.boat.lengthWaterline === null ? 'waterline, estimated' : 'waterline',
      ),
    }),
    formula: ({ waterline }) => Math.sqrt((GRAVITY * waterline) / (2 * Math.PI)),
    words: 'speed = √(g × waterline ÷ 2 pi)',
    source: 'Wave as long as the waterline; 1.34 √LWL in knots and feet',
    holds: () => ({ text: 'Displacement hulls.' }),
    depends: ['boat.lengthWaterline'],
  }),
  payoffSpeed: figure({
    label: 'Pays up to',
    quantity: 'speed',
    part: 'hull',
    inputs: e => ({
      power: power(e.payoff.effectivePower, 'power at the hull there'),
      hull: speed(e.hullSpeed, 'hull speed'),
    }),
    formula: (_, e) => e.payoff.speed,
    words: 'the speed beyond which a tenth of a knot costs a tenth more power, or hull speed',
    source: 'Steepness of the methods that hold',
    holds: methodsHold,
    depends: HULL_FIELDS,
  }),
  displacedVolume: figure({
    label: 'Water displaced',
    quantity: 'volume',
    part: 'hull',
    inputs: ({ model }) => ({
      mass: of('mass')(model.boat.mass, 'weight'),
      density: plain(model.water.density, 'density, kg/m³'),
    }),
    formula: ({ mass, density }) => mass / density,
    words: 'volume = weight ÷ density of the water',
    source: 'Archimedes; ITTC 7.5-02-01-03',
    holds: ALWAYS,
    depends: ['boat.mass'],
  }),
  wettedSurface: figure({
    label: 'Wetted surface',
    quantity: 'area',
    part: 'hull',
    inputs: ({ model: { form } }) => ({
      waterline: length(form.lengthWaterline, 'waterline'),
      beam: length(form.beamWaterline, 'beam at the waterline'),
      draught: length(form.draughtBody, 'draught of the hull body'),
      midship: plain(form.midship, 'midship coefficient'),
    }),
    formula: (_, { model }) => model.form.wettedSurface,
    words: 'area of the hull body, from length, beam, draught and fullness',
    source: 'Keuning & Sonnenberg 1998 for yachts; Holtrop & Mennen 1982 for launches',
    holds: ALWAYS,
    depends: ['boat.mass', 'boat.lengthWaterline', 'boat.beamWaterline'],
  }),
}
