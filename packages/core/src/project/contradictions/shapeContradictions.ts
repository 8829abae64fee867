import { DEEPEST_TUBE, hullTypeOf, segmentArea, waterProperties, type BoatDimensions, type HullForm } from '../../hull'
import { boatContradictions } from './boatContradictions'
import { length, mass, plain, say, unknown, type Contradiction } from './contradiction'

/**
 * Shares that no usual boat passes (common practice): waterline of the length, waterline beam of the beam, draught of
 * the length.
 */
const SHORTEST_WATERLINE = 0.5,
  NARROWEST_WATERLINE = 0.4,
  DEEPEST = 0.5
/** Coefficients between which hulls are built: canoes and barges lie inside them (common practice). */
const COEFFICIENTS = { prismatic: [0.45, 0.88], midship: [0.42, 0.995], waterplane: [0.53, 0.96] } as const
/** Draught of the hull alone may come out above the whole draught by so much: coefficients are often estimates. */
const TOO_DEEP = 1.35

/**
 * Finds dimensions that make no hull, or one that would not float as she is said to.
 *
 * @param boat her dimensions; m, kg
 * @param form what they come to
 * @returns contradictions; none when all is well
 */
export function shapeContradictions(boat: BoatDimensions, form: HullForm): Contradiction[] {
  const found: Contradiction[] = []
  const { lengthOverAll, lengthWaterline, beam, draught } = boat
  if (lengthWaterline !== null && lengthWaterline < SHORTEST_WATERLINE * lengthOverAll)
    found.push(
      say(
        'lengthWaterline',
        'A waterline of {w} is less than half of the length, {l}',
        { w: length(lengthWaterline), l: length(lengthOverAll) },
        unknown('lengthWaterline', 'Waterline'),
      ),
    )
  if (form.hulls === 1 && boat.beamWaterline !== null && boat.beamWaterline < NARROWEST_WATERLINE * beam)
    found.push(
      say(
        'beamWaterline',
        'A beam at the waterline of {w} is less than 40 % of her beam, {b}',
        { w: length(boat.beamWaterline), b: length(beam) },
        unknown('beamWaterline', 'Beam at the waterline'),
      ),
    )
  if (draught > DEEPEST * lengthOverAll)
    found.push(
      say('draught', 'A draught of {t} is more than half of the length, {l}', {
        t: length(draught),
        l: length(lengthOverAll),
      }),
    )
  if (form.section === 'round') found.push(...coefficientsAtOdds(boat))
  if (form.hulls > 1) found.push(...hullsAtOdds(boat, form))
  if (form.bottom && (form.bottom.lcg > 0.8 * form.lengthWaterline || form.bottom.lcg < 0.1 * form.lengthWaterline))
    found.push(
      say(
        'lcg',
        'A balance point {x} forward of the transom is not where a boat of {w} on the water can balance',
        { x: length(form.bottom.lcg), w: length(form.lengthWaterline) },
        unknown('lcg', 'Balance point'),
      ),
    )
  if (found.length === 0 && form.section === 'round' && form.draughtBody > TOO_DEEP * draught)
    found.push(tooDeep(boat, form))
  return found
}

/** Everything that contradicts itself in a boat: lengths and weights first, since a shape follows from them. */
export function contradictionsOf(boat: BoatDimensions, form?: HullForm): Contradiction[] {
  const plainly = boatContradictions(boat)
  return plainly.length ? plainly : shapeContradictions(boat, form ?? formOf(boat))
}

const formOf = (boat: BoatDimensions): HullForm =>
  hullTypeOf(boat.hullType).form(boat, waterProperties(boat.water, boat.waterTemperature).density)

function coefficientsAtOdds(boat: BoatDimensions): Contradiction[] {
  const names = {
    prismatic: 'prismatic coefficient',
    midship: 'midship coefficient',
    waterplane: 'waterplane coefficient',
  } as const
  const found = (Object.keys(COEFFICIENTS) as (keyof typeof COEFFICIENTS)[]).flatMap(field => {
    const value = boat[field],
      [least, most] = COEFFICIENTS[field]
    return value === null || (value >= least && value <= most)
      ? []
      : [
          say(
            field,
            `A ${names[field]} of {v} fits no boat; hulls have {from} to {to}`,
            { v: plain(value), from: plain(least), to: plain(most) },
            unknown(
              field,
              names[field].replace(/^./, c => c.toUpperCase()),
            ),
          ),
        ]
  })
  const { prismatic, midship, waterplane } = boat
  // CB / CWP above 1: she would be wider below the water than at it
  if (
    !found.length &&
    prismatic !== null &&
    midship !== null &&
    waterplane !== null &&
    prismatic * midship > waterplane
  )
    found.push(
      say(
        'waterplane',
        'With that prismatic and midship coefficient the waterplane is {v} at least',
        { v: plain(prismatic * midship) },
        unknown('waterplane', 'Waterplane coefficient'),
      ),
    )
  return found
}

function hullsAtOdds(
  boat: BoatDimensions,
  { hulls, hullSpacing, section, tubeDiameter, beamWaterline, draughtBody, lengthWaterline, prismatic }: HullForm,
): Contradiction[] {
  const tubes = section === 'tube',
    wide = tubes ? tubeDiameter : beamWaterline
  const field = boat.hullSpacing === null && boat.hullBeam !== null ? 'hullBeam' : 'hullSpacing'
  const mend = boat[field] === null ? null : unknown(field, field === 'hullBeam' ? 'Beam of one hull' : 'Hulls apart')
  if (hullSpacing < wide)
    return [
      say(
        field,
        'Hulls {s} apart and {b} wide would stand in each other',
        { s: length(hullSpacing), b: length(wide) },
        mend,
      ),
    ]
  const across = (hulls - 1) * hullSpacing + wide
  if (across > 1.05 * boat.beam)
    return [
      say(
        field,
        'Hulls {s} apart and {b} wide make her {a} wide; her beam is {beam}',
        { s: length(hullSpacing), b: length(wide), a: length(across), beam: length(boat.beam) },
        mend,
      ),
    ]
  if (tubes && draughtBody > DEEPEST_TUBE * tubeDiameter) {
    const carries =
      waterProperties(boat.water, boat.waterTemperature).density *
      hulls *
      segmentArea(tubeDiameter, DEEPEST_TUBE * tubeDiameter) *
      lengthWaterline *
      prismatic
    return [
      say(
        boat.hullBeam === null ? 'mass' : 'hullBeam',
        '{n} tubes of {d} carry {c}; she weighs {m}',
        { n: hulls === 2 ? 'Two' : 'Three', d: length(tubeDiameter), c: mass(carries), m: mass(boat.mass) },
        boat.hullBeam !== null
          ? unknown('hullBeam', 'Tube diameter')
          : boat.tubes === 2
            ? { label: { text: 'Three tubes' }, field: 'tubes', value: 3 }
            : null,
      ),
    ]
  }
  return []
}

/**
 * Which of the owner's figures puts her so deep: the first without which she would float as she is said to, else the
 * one that is farthest from what is usual.
 */
function tooDeep(boat: BoatDimensions, form: HullForm): Contradiction {
  const SUSPECTS = {
    beamWaterline: 'Beam at the waterline',
    hullBeam: 'Beam of one hull',
    midship: 'Midship coefficient',
    prismatic: 'Prismatic coefficient',
    lengthWaterline: 'Waterline',
  } as const
  const { draughtBody } = form,
    at = { d: length(draughtBody), t: length(boat.draught) }
  for (const field of Object.keys(SUSPECTS) as (keyof typeof SUSPECTS)[]) {
    const value = boat[field]
    if (value === null || formOf({ ...boat, [field]: null }).draughtBody > TOO_DEEP * boat.draught) continue
    const fits = field === 'midship' || field === 'prismatic' ? plain(value) : length(value)
    return say(
      field,
      `With a ${SUSPECTS[field].toLowerCase()} of {v} her weight would put the hull {d} deep; her draught is {t}`,
      { v: fits, ...at },
      unknown(field, SUSPECTS[field]),
    )
  }
  const usual = hullTypeOf(boat.hullType).typical(boat.lengthOverAll)
  const odds = { draught: usual.draught / boat.draught, beam: usual.beam / boat.beam, mass: boat.mass / usual.mass }
  const field = (Object.keys(odds) as (keyof typeof odds)[]).reduce((a, b) => (odds[b] > odds[a] ? b : a))
  const would = field === 'draught' ? Math.ceil(105 * draughtBody) / 100 : usual[field]
  const label = {
    draught: { text: 'Draught {v}', params: { v: length(would) } },
    beam: { text: 'Beam {v}, as usual', params: { v: length(would) } },
    mass: { text: 'Weight {v}, as usual', params: { v: mass(would) } },
  }[field]
  return say(
    field,
    'At {m} and a beam of {b} the hull alone would lie {d} deep; her draught is {t}',
    { m: mass(boat.mass), b: length(boat.beam), ...at },
    { label, field, value: would },
  )
}
