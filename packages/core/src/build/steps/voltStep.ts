import { meeting, windowsOf, type LivePart, type VoltWindow } from '../voltWindows'
import type { PowerContext } from './context'
import type { PowerStep } from '../powerStep'

/**
 * A step at which volts are read: what is accepted is where the windows of all that is live meet, and the weakest of
 * them is named.
 *
 * @param context of the boat
 * @param live parts that are live at this step, or by the next switch
 * @param step the rest of it; its own window narrows the meeting
 * @returns the step
 */
export function voltStep(
  { windows }: Pick<PowerContext, 'windows'>,
  live: readonly LivePart[],
  step: Omit<PowerStep, 'quantity' | 'low' | 'high' | 'why' | 'windows' | 'meets'> & {
    own?: VoltWindow
    why?: string
    stop: string
  },
): PowerStep {
  const { own, why, ...rest } = step,
    all = [...windowsOf(windows, live).filter(w => w.part !== own?.part), ...(own ? [own] : [])],
    meets = meeting(all),
    { top: high, topBy, footBy } = meets,
    low = Math.min(meets.foot, high)
  return {
    ...rest,
    quantity: 'voltage',
    low,
    high,
    ...(rest.fineLow === undefined ? {} : { fineLow: Math.min(high, Math.max(low, rest.fineLow)) }),
    ...(rest.fineHigh === undefined ? {} : { fineHigh: Math.max(low, Math.min(high, rest.fineHigh)) }),
    why: why ?? `where the windows of all that is live meet: top, ${topBy.name}; foot, ${footBy.name}`,
    windows: all,
    meets,
  }
}
