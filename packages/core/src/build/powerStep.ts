import type { QuantityId } from '../units'
import type { Meeting, VoltWindow } from './voltWindows'

/** Groups of steps, in the order of danger. */
export const POWER_GROUPS = [
  'fuse',
  'precharge',
  'controller',
  'bare',
  'charge',
  'quay',
  'firstHour',
  'firstTrip',
] as const
/** One of them. */
export type PowerGroup = (typeof POWER_GROUPS)[number]

/** One step of the first power-up: what is measured with what, what is accepted and why. */
export interface PowerStep {
  id: string
  group: PowerGroup
  title: string
  /** the instrument, and where */
  by: string
  /** null where it is done, not read */
  quantity: QuantityId | null
  /** accepted, SI; null for no limit on that side. Between fine and accepted it is tight */
  low: number | null
  high: number | null
  fineLow?: number
  fineHigh?: number
  /** how the range comes about */
  why: string
  /** what to look for where it is outside */
  look: string
  /** a licensed person does it or stands by */
  licensed?: boolean
  /** the volts of all cells are written down */
  cells?: 'rest' | 'load'
  /**
   * of volts: the windows of all that is live at this step or by the next switch, where they meet, and what to leave
   * alone where it is outside
   */
  windows?: readonly VoltWindow[]
  meets?: Meeting
  stop?: string
  /** not a step of its own but something of the design that clashes with what this stage makes live */
  clash?: boolean
}
