import { part, type Migration } from './migration'

/** V of a cell by chemistry, as they were then. */
const NOMINAL_8: Readonly<Record<string, number>> = { LFP: 3.2, NMC: 3.65, LTO: 2.3, AGM: 2.05, FLOODED: 2 }

/**
 * 7 to 8: a reading may be of other kinds than watts, and keeps bottom and pack of then; a canal has a width; top speed
 * has its time.
 */
export const toVersion8: Migration = document => {
  const boat = part(document.boat),
    trial = part(document.trial),
    pack = part(part(document.design).pack),
    cell = part(pack.cell)
  const list = (of: unknown) => (Array.isArray(of) ? (of as unknown[]).map(part) : [])
  const packVoltage =
      Number(pack.series) * Number(cell.cellsInSeries ?? 1) * (NOMINAL_8[String(cell.chemistry)] ?? 3.2) || 50,
    packEnergy = packVoltage * Number(pack.parallel) * Number(cell.capacityAh) * 3600 || 1e7
  return {
    ...document,
    boat: {
      ...boat,
      channelWidth: null,
      massHolds: 'after',
      drive: { ...part(boat.drive), count: 1 },
    },
    // top was meant for all day then
    use: { ...part(document.use), topTime: 21_600 },
    trial: {
      ...trial,
      points: list(trial.points).map(point => ({
        kind: 'battery',
        rpm: null,
        pull: null,
        fuelRate: null,
        used: null,
        time: null,
        doubt: null,
        ...point,
      })),
      setups: list(trial.setups).map(setup => ({
        ...setup,
        drives: 1,
        hullCondition: part(document.use).hullCondition,
        packVoltage,
        packEnergy,
      })),
    },
  }
}
