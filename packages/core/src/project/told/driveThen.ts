/** Kinds of electric drives that a reading may have been made with, besides the one that is fitted. */
export const DRIVES_THEN = ['unknown', 'trollingMotor', 'outboard', 'shaft', 'pod'] as const
/** One of them. */
export type DriveThen = (typeof DRIVES_THEN)[number]
