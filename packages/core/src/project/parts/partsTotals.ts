import { REDUCTION_MASS, REDUCTION_PRICE, type ControllerSpec, type MotorSpec, type ReductionSpec } from '../../drive'
import type { DriveKind } from '../../hull'
import type { JetSpec } from '../../propulsor'

/** What a drive is bought of, beside its pack. */
export interface DriveParts {
  motor: MotorSpec
  controller: ControllerSpec
  reduction: ReductionSpec
  jet: JetSpec
}

const sumOf =
  (what: 'price' | 'mass', reductions: Record<ReductionSpec['kind'], number>) =>
  (
    { motor, controller, reduction, jet }: DriveParts,
    pack: { price: number; mass: number },
    drive: { kind: DriveKind; count: 1 | 2 },
  ): number =>
    pack[what] +
    drive.count * (motor[what] + controller[what] + reductions[reduction.kind] + (drive.kind === 'jet' ? jet[what] : 0))

/**
 * Price of motor, controller, reduction (of each drive), pack, and of the jet on a jet boat, €; charger, cables,
 * fuses and propeller
 * are not in it.
 */
export const partsPrice = sumOf('price', REDUCTION_PRICE)
/** Mass of the same, kg. */
export const partsMass = sumOf('mass', REDUCTION_MASS)
