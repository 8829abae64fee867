/** What stands between motor and shaft: motor turns = ratio × shaft turns. */
export interface ReductionSpec {
  kind: 'direct' | 'belt' | 'gear'
  ratio: number
}

/** Efficiency of each kind: toothed belt 0.97 to 0.98, gearbox 0.96 to 0.98 (common practice). */
export const REDUCTION_EFFICIENCY = { direct: 1, belt: 0.97, gear: 0.965 } as const

/** Ratios that can be bought or made with stock pulleys and gears (common practice). */
export const REDUCTION_CHOICES: readonly ReductionSpec[] = [
  { kind: 'direct', ratio: 1 },
  { kind: 'belt', ratio: 1.5 },
  { kind: 'belt', ratio: 1.75 },
  { kind: 'belt', ratio: 2 },
  { kind: 'belt', ratio: 2.25 },
  { kind: 'belt', ratio: 2.5 },
  { kind: 'belt', ratio: 2.75 },
  { kind: 'belt', ratio: 3 },
  { kind: 'gear', ratio: 3.5 },
  { kind: 'gear', ratio: 4 },
  { kind: 'gear', ratio: 5 },
]

/** Shaft bearings and seal, one set (0.96 to 0.98, common practice). */
export const SHAFT_EFFICIENCY = 0.97

/** Lower unit of a sail drive with its bevel gears (0.94 to 0.96, common practice). */
export const LEG_EFFICIENCY = 0.95

/** Price of a reduction, for comparing designs: invented, of the usual order. */
export const REDUCTION_PRICE = { direct: 60, belt: 320, gear: 780 } as const

/** Mass of a reduction with its bracket, pulleys or case, kg: invented, of the usual order for some 50 N·m. */
export const REDUCTION_MASS = { direct: 2, belt: 9, gear: 24 } as const
