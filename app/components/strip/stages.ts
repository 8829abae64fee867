import type { BenchId } from '~/benches'
import type { FigureId, OperatingPoint, PartName } from '@remigo/core'

/**
 * One stage of the flow of power, bow to stern: the figure in its cell, its second reading, the bench that it opens.
 */
export interface Stage {
  part: PartName
  figure: FigureId
  second: FigureId
  bench: BenchId
  power: (p: OperatingPoint) => number
}

/** From the pack to the hull. Each stage's power is what enters it. */
export const STAGES: readonly Stage[] = [
  { part: 'pack', figure: 'packPower', second: 'packCurrent', bench: 'pack', power: p => p.drive.packPower },
  {
    part: 'controller',
    figure: 'controllerInput',
    second: 'controllerCurrent',
    bench: 'motor',
    power: p => p.drive.controllerInput,
  },
  { part: 'motor', figure: 'motorInput', second: 'motorRpm', bench: 'motor', power: p => p.drive.motorInput },
  {
    part: 'propeller',
    figure: 'deliveredPower',
    second: 'propellerRpm',
    bench: 'propeller',
    power: p => p.drive.deliveredPower,
  },
  {
    part: 'hull',
    figure: 'effectivePower',
    second: 'pull',
    bench: 'curve',
    power: p => p.resistance.centre * p.speed,
  },
]
