import type { WholeDriveSpec } from '../../drive'
import type { Project } from '../definition/projectFields'

/**
 * The whole drive that a design has: motor, controller, leg and propeller sold as one. With another motor it is one no
 * longer.
 *
 * @param design of the boat
 * @returns its plate, or null
 */
export const wholeDriveOf = ({ wholeDrive, motor }: Project['design']): WholeDriveSpec | null =>
  wholeDrive && wholeDrive.id === motor.id ? wholeDrive : null
