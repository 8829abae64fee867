import { KNOT } from '../../src/constants'
import type { DriveKind, HullTypeId } from '../../src/hull'
import { edit, newProject, withEdits, type Edit, type Project } from '../../src/project'

/** A bet at 9 to 1 on the power from the battery at a speed. */
export interface FleetPoint {
  label: string
  speed_kn: number
  water: string
  battery_kw_best: number
  battery_kw_low: number
  battery_kw_high: number
}

/** A bet on how power grows between two of the points: the exponent of speed. */
interface FleetShape {
  from_label: string
  to_label: string
  exponent_low: number
  exponent_high: number
  same_water: boolean
}

/** A boat of the fleet, as its file has it. */
export interface FleetBoat {
  id: string
  kind: string
  sub_kind: string
  description: string
  drive: string
  hull_count: number
  loa_m: number
  lwl_m: number
  beam_m: number
  beam_waterline_each_hull_m: number
  mass_laden_kg: number
  tube_diameter_m: number | null
  water_density_kg_m3: number
  propeller_diameter_m: number
  old_engine_kw: number
  propulsor_count: number
  cruise_kn: number
  cruise_hours: number
  top_speed_wanted_kn: number
  points: FleetPoint[]
  shape: FleetShape[]
  motor_rated_shaft_kw_low: number
  motor_rated_shaft_kw_high: number
  system_voltage_v: number[]
  system_voltage_also_acceptable_v: number[]
  pack_usable_kwh_low: number
  pack_usable_kwh_high: number
  must_not_get_wrong: FleetFact[]
}

/** A fact of a boat with the check of it, where a machine can make one. */
export interface FleetFact {
  fact: string
  check: {
    quantity: string
    op?: '<' | '>' | 'between'
    value?: number | [number, number]
    at_kn?: number
    from_kn?: number
    to_kn?: number
    battery_kw?: number
    shaft_kw?: number
    expected?: boolean
  } | null
}

const DRIVES: Record<string, DriveKind> = {
  outboard: 'outboard',
  shaft: 'shaft',
  saildrive: 'sailDrive',
  sterndrive: 'sternDrive',
  jet: 'jet',
  pod: 'pod',
}

/** Which kind of hull an owner would choose, and which of it. */
function kindOf({ kind, sub_kind }: FleetBoat): { hullType: HullTypeId; variant?: string } {
  switch (kind) {
    case 'keel_sailing_yacht':
      return { hullType: 'keelYacht' }
    case 'displacement_launch':
      return { hullType: 'displacementLaunch' }
    case 'canal_boat':
      return { hullType: 'canalBoat' }
    case 'semi_displacement':
      return { hullType: 'semiDisplacement' }
    case 'planing_boat':
      return { hullType: 'planing' }
    case 'jet_boat':
      return { hullType: 'jetBoat' }
    case 'catamaran':
      return { hullType: 'catamaran' }
    case 'pontoon_boat':
      return { hullType: 'pontoon' }
    case 'pedal_craft':
      return { hullType: 'pedalCraft' }
    case 'paddle_craft':
      return { hullType: 'canoe', variant: { kayak: 'kayak', rowing_boat: 'rowing' }[sub_kind] ?? 'canoe' }
    case 'dinghy_or_inflatable':
      return { hullType: 'dinghy', variant: sub_kind === 'inflatable' ? 'inflatable' : undefined }
    default:
      throw new RangeError(`no kind of hull for ${kind}`)
  }
}

/** A boat of the fleet by her ten answers and her waterline, as her owner would enter her. */
export function enterFleetBoat(b: FleetBoat): Project {
  const { hullType, variant } = kindOf(b)
  const boat = newProject(
    {
      name: b.id,
      hullType,
      drive: DRIVES[b.drive]!,
      lengthOverAll: b.loa_m,
      beam: b.beam_m,
      mass: b.mass_laden_kg,
      greatestDiameter: b.propeller_diameter_m,
      oldEnginePower: 1000 * b.old_engine_kw,
      cruiseSpeed: b.cruise_kn * KNOT,
      topSpeed: b.top_speed_wanted_kn * KNOT,
      duration: b.cruise_hours * 3600,
      houseLoad: 0,
      drives: b.propulsor_count === 2 ? 2 : 1,
    },
    `fleet-${b.id}`,
  )
  const edits: Edit[] = [
    edit('boat.lengthWaterline', b.lwl_m),
    // as the fleet means its bets: clean and calm
    edit('use.seaMargin', 0),
    edit('use.hullCondition', 'clean'),
    edit('boat.water', b.water_density_kg_m3 < 1010 ? 'fresh' : 'sea'),
    ...(variant ? [edit('boat.variant', variant)] : []),
    ...(hullType === 'pontoon'
      ? [
          edit('boat.tubes', b.hull_count === 3 ? 3 : 2),
          edit('boat.hullBeam', b.tube_diameter_m ?? b.beam_waterline_each_hull_m),
        ]
      : []),
    ...(hullType === 'catamaran' || hullType === 'pedalCraft'
      ? [edit('boat.hullBeam', b.beam_waterline_each_hull_m)]
      : []),
  ]
  return withEdits(boat, edits)
}

/** The same as the fleet's powers mean it: clean, calm, no margin and no house; in the water of a point. */
export function asBet(boat: Project, { water }: FleetPoint): Project {
  const depth = /([\d.]+)_m_deep/.exec(water),
    width = /([\d.]+)(?:_to_([\d.]+))?_m_wide/.exec(water)
  return withEdits(boat, [
    edit('use.seaMargin', 0),
    edit('use.hullCondition', 'clean'),
    edit('use.houseLoad', 0),
    edit('use.headWind', 0),
    edit('boat.waterDepth', depth ? Number(depth[1]) : null),
    edit('boat.channelWidth', width ? (Number(width[1]) + Number(width[2] ?? width[1])) / 2 : null),
  ])
}
