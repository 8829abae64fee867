import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { ticks } from 'd3-array'
import { chosenUnit, toUnit, UNITS, type QuantityId, type UnitChoice } from '@remigo/core'

/** A mark on an axis: where, in the axis's own numbers, and its word. */
export interface AxisTick {
  at: number
  word: string
}

/** The room around a plot, px. */
export interface InkMargins {
  left: number
  right: number
  top: number
  below: number
}

/** Where numbers stand in a plot that is as wide as its place. */
export interface InkFrame extends InkMargins {
  wide: number
  high: number
  x: (value: number) => number
  y: (value: number) => number
}

/**
 * A plot drawn at its real width, so that its words keep their size.
 *
 * @param margins px around it
 * @param high px of the whole
 * @param span ends of both axes; y runs upwards, what lies above its end by a fifth is cut there
 * @returns the element to measure, and the frame
 */
export function useInkFrame(
  margins: InkMargins,
  high: () => number,
  span: { x: () => readonly [number, number]; y: () => readonly [number, number] },
) {
  const LEAST = 200,
    USUAL = 340
  const place = ref<HTMLElement>()
  const { width } = useElementSize(place)
  const frame = computed<InkFrame>(() => {
    const wide = Math.max(LEAST, width.value || USUAL),
      [x0, x1] = span.x(),
      [y0, y1] = span.y()
    const { left, right, top, below } = margins
    return {
      ...margins,
      wide,
      high: high(),
      x: v => left + ((v - x0) / (x1 - x0)) * (wide - left - right),
      y: v => top + (1 - Math.min(1.2, (v - y0) / (y1 - y0))) * (high() - top - below),
    }
  })
  return { place, frame }
}

/**
 * Round marks of a quantity in the owner's unit, from 0.
 *
 * @param quantity of the axis
 * @param most its end, SI
 * @param count about so many
 * @param choice the owner's units
 * @returns marks in SI
 */
export function quantityTicks(quantity: QuantityId, most: number, count: number, choice: UnitChoice): AxisTick[] {
  const unit = chosenUnit(quantity, choice),
    one = toUnit(1, unit)
  return ticks(0, most * one, count).map(v => ({ at: v / one, word: String(v) }))
}
/** The sign of the owner's unit. */
export const unitSign = (quantity: QuantityId, choice: UnitChoice): string => UNITS[chosenUnit(quantity, choice)].symbol
