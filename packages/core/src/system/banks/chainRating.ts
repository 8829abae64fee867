import type { LimitName } from './limitName'

/** What stands between pack and controller. */
export type ChainName = Extract<LimitName, 'bms' | 'fuse' | 'contactor' | 'mainCable'>

/** One of them: A that it carries all day, and for minutes. */
export interface ChainRating {
  name: ChainName
  allDay: number
  minutes: number
}
