import { today, written } from './today'

/** The file that the test compares with. */
export const todayText = (): string => `${[...today()].map(written).join('\n')}\n`
