/** Turns a document of one version into the next. Literal values only: today's parts and usual values may change. */
export type Migration = (document: Record<string, unknown>) => Record<string, unknown>

/** A part of a document that is not checked yet; empty when it is none. */
export const part = (of: unknown): Record<string, unknown> =>
  typeof of === 'object' && of !== null ? (of as Record<string, unknown>) : {}

/** V of a full pack in a document that is not checked yet; 55 when it tells nothing. */
export function fullVolts(pack: Record<string, unknown>): number {
  const cell = part(pack.cell)
  const volts = Number(pack.series) * Number(cell.cellsInSeries ?? 1) * Number(pack.chargeVoltage)
  return volts > 0 ? volts : 55
}
