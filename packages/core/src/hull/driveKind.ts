/** What hangs in the water and carries the propeller. */
export const DRIVE_KINDS = ['shaft', 'sailDrive', 'outboard', 'sternDrive', 'pod', 'jet'] as const
/** One of them. */
export type DriveKind = (typeof DRIVE_KINDS)[number]

/** True for drives with bevel gears in a leg. */
export const hasLeg = (kind: DriveKind): boolean => kind === 'sailDrive' || kind === 'sternDrive' || kind === 'outboard'
