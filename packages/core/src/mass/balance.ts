import { hullTypeOf, waterProperties } from '../hull'
import { remember, type Ranged } from '../numeric'
import { weightAfloat } from '../project/weightAfloat'
import type { Project } from '../project/definition/projectFields'
import { hydrostatics, type Hydrostatics } from './hydrostatics'
import { elevationOf, weightRows, type WeightRow } from './weightRows'

/** A mass with what it may be off by, kg. */
export interface MassSum {
  mass: number
  doubt: number
}

/** How a boat floats with her new drive against how she floated. m, rad, kg. */
export interface Balance {
  rows: WeightRow[]
  out: MassSum
  in: MassSum
  /** in less out */
  change: MassSum
  /** deeper in the middle is positive */
  sinkage: Ranged
  /** over the waterline, by the stern is positive; at the bow and the stern, deeper is positive */
  trim: Ranged
  bow: number
  stern: number
  /** to starboard is positive */
  list: Ranged
  /** of the centre of gravity: aft, to starboard, up */
  shift: { along: number; across: number; above: number }
  /** metacentric height as it is then */
  gm: Ranged
  /** share of the weight that stands higher than what it replaces */
  raised: number
  /** m aft of the bow where one more kilogram does not trim her */
  hydro: Hydrostatics
  mass: number
}

/** Waterplane figures of a form of estimates are off by so much (common practice). */
const FORM_DOUBT = 0.08

const balances = remember<Project, Balance>('balance')

/**
 * Sums and moments of what goes out and comes in, and how she floats then. Kept as long as the document lives.
 *
 * @param project the boat
 * @returns the balance
 *
 * Source: sinkage Δm/(ρ AW); trim L Σm(x − xf)/(Δ GML) with GML ≈ BML; list Σm y/(Δ GM).
 */
export function balanceOf(project: Project): Balance {
  return balances(project, () => worked(project))
}

function worked(project: Project): Balance {
  const { boat: typed, yard } = project,
    mass = weightAfloat(project).mass,
    boat = { ...typed, mass },
    { density } = waterProperties(boat.water, boat.waterTemperature),
    form = hullTypeOf(boat.hullType).form(boat, density),
    elevation = elevationOf(project),
    hydro = hydrostatics(boat, form, elevation, density, yard),
    rows = weightRows(project, elevation)
  const sign = (r: WeightRow) => (r.way === 'in' ? 1 : -1),
    sum = (of: (r: WeightRow) => number) => rows.reduce((all, r) => all + sign(r) * r.mass * of(r), 0),
    spread = (of: (r: WeightRow) => number) => Math.hypot(...rows.map(r => r.doubt * of(r)))
  const total = (way: 'out' | 'in'): MassSum => ({
    mass: rows.filter(r => r.way === way).reduce((all, r) => all + r.mass, 0),
    doubt: Math.hypot(...rows.filter(r => r.way === way).map(r => r.doubt)),
  })
  const change: MassSum = { mass: sum(() => 1), doubt: spread(() => 1) }
  /** a linear answer with the doubt of the weights and of the form */
  const ranged = (value: number, doubt: number, more = 0): Ranged => {
    const off = Math.hypot(doubt, FORM_DOUBT * value, more)
    return { value, low: value - off, high: value + off }
  }
  const arm = (r: WeightRow) => r.along - hydro.flotation,
    perMoment = hydro.length / (mass * hydro.bml),
    trim = ranged(perMoment * sum(arm), perMoment * spread(arm)),
    sinkage = ranged(change.mass / hydro.perMetre, change.doubt / hydro.perMetre)
  const rise = sum(r => r.above) / mass,
    lower = (of: number) => Math.max(0.02 * hydro.bmt, of - rise),
    gm: Ranged = { value: lower(hydro.gm.value), low: lower(hydro.gm.low), high: lower(hydro.gm.high) },
    heel = sum(r => r.across) / mass,
    list = Math.atan(heel / gm.value)
  const fore = hydro.flotation - hydro.from
  return {
    rows,
    out: total('out'),
    in: total('in'),
    change,
    sinkage,
    trim,
    bow: sinkage.value - (trim.value * fore) / hydro.length,
    stern: sinkage.value + (trim.value * (hydro.length - fore)) / hydro.length,
    list: {
      value: list,
      ...ends(
        [gm.low, gm.high].map(g => Math.atan(heel / g)),
        list,
        Math.atan(spread(r => r.across) / mass / gm.value),
      ),
    },
    shift: { along: sum(r => r.along - hydro.flotation) / mass, across: heel, above: rise },
    gm,
    raised: raisedShare(rows, mass),
    hydro,
    mass,
  }
}

const ends = (of: readonly number[], value: number, doubt: number) => ({
  low: Math.min(value, ...of) - doubt,
  high: Math.max(value, ...of) + doubt,
})

/** Share of the boat that comes in higher than the middle of what goes out. */
function raisedShare(rows: readonly WeightRow[], mass: number): number {
  const outs = rows.filter(r => r.way === 'out'),
    all = outs.reduce((sum, r) => sum + r.mass, 0),
    height = all > 0 ? outs.reduce((sum, r) => sum + r.mass * r.above, 0) / all : 0
  return rows.filter(r => r.way === 'in' && r.above > height + 0.2).reduce((sum, r) => sum + r.mass, 0) / mass
}
