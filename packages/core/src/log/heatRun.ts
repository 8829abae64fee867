import type { HeatPoint } from '../drive'
import type { Sample } from '../instruments'

/** Power may move by this share and still be one run; a run of less tells nothing, s; points that are kept. */
const WITHIN = 0.08,
  LEAST = 600,
  POINTS = 40

/**
 * Temperatures of the last stretch at steady power, as a heat run: they give the time constant and the final
 * temperature, and so what the drive holds in this boat.
 *
 * @param samples in order
 * @returns readings of motor and controller with their time; empty for less than ten minutes
 */
export function heatRunOf(samples: readonly Sample[]): HeatPoint[] {
  const last = samples.at(-1)
  const power = last?.values.power
  if (!last || power === undefined || power <= 0) return []
  let from = samples.length - 1
  while (from > 0) {
    const p = samples[from - 1]!.values.power
    if (p === undefined || Math.abs(p / power - 1) > WITHIN) break
    from--
  }
  const run = samples.slice(from),
    start = run[0]!.time
  if (last.time - start < LEAST) return []
  const step = Math.max(1, Math.ceil(run.length / POINTS))
  return run
    .filter((_, i) => i % step === 0)
    .flatMap(({ time, values }) =>
      (['winding', 'controller'] as const).flatMap(id => {
        const temperature = values[id]
        return temperature === undefined
          ? []
          : [{ part: id === 'winding' ? ('motor' as const) : id, time: time - start, temperature }]
      }),
    )
}
