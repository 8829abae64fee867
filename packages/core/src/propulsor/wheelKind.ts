/** Kinds of propeller that the tested series stands in for. */
export const WHEEL_KINDS = ['fixed', 'folding', 'feathering', 'outboard', 'sternDrive'] as const
/** One of them. */
export type WheelKind = (typeof WHEEL_KINDS)[number]

/**
 * Wheels of outboards and stern drives are made for the plane: cupped, and run fast with some cavitation (common
 * practice).
 */
export const runsFast = (kind: WheelKind): boolean => kind === 'outboard' || kind === 'sternDrive'
/** Keller's addition for each: 0.2 for a slow single screw, 0 for a fast one. */
export const kellerAddition = (kind: WheelKind): number => (runsFast(kind) ? 0 : 0.2)

/**
 * Efficiency against the series, usual of each kind as it is sold and fitted. A fair fixed propeller has thicker,
 * rougher
 * blades and a larger boss than the series, and the water that reaches it is uneven: 0.90 to 0.95 (common practice).
 * Folding and feathering lose another 5 to 10 per cent; cupped wheels with an exhaust hub run behind a gear case.
 */
export const WHEEL_EFFICIENCY: Record<WheelKind, number> = {
  fixed: 0.92,
  folding: 0.85,
  feathering: 0.87,
  outboard: 0.9,
  sternDrive: 0.91,
}

/**
 * Efficiency of a propeller against the series: the owner's calibration, or what is usual of its kind.
 *
 * @param propeller its kind and calibration
 * @returns factor on the open-water efficiency
 * @example wheelFactor({ kind: 'folding', efficiencyFactor: null }) // 0.85
 */
export function wheelFactor({ kind, efficiencyFactor }: { kind: WheelKind; efficiencyFactor: number | null }): number {
  return efficiencyFactor ?? WHEEL_EFFICIENCY[kind]
}
