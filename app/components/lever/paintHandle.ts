import { textWidth } from '~/components/chart/textWidth'
import { FIGURES_FONT, type Tokens } from '~/composables/useTokens'

/** A lever's handle: its outline from its left upper corner, its size, and where its words stand. */
interface Handle { x: number, y: number, width: number, height: number, outline: [number, number][], baseline: number, align: 'start' | 'middle' }

/** The upright lever's handle points right, at the scale; the lying one's points up. Outlines as shares of width and height. */
export const UPRIGHT_HANDLE = { width: 104, height: 36, baseline: 27, align: 'start', outline: [[0, 0], [0.84, 0], [1, 0.5], [0.84, 1], [0, 1]] } satisfies Omit<Handle, 'x' | 'y'>
export const LYING_HANDLE = { width: 72, height: 54, baseline: 39, align: 'middle', outline: [[0, 0.16], [0.4, 0.16], [0.5, 0], [0.6, 0.16], [1, 0.16], [1, 1], [0, 1]] } satisfies Omit<Handle, 'x' | 'y'>

/** Paints the handle with its speed; with a ring inside its edge while keys move it. */
export function paintHandle(pen: CanvasRenderingContext2D, colours: Tokens, handle: Handle, speed: string, symbol: string, ring: boolean) {
  const { x, y, width, height, outline } = handle
  const shape = new Path2D(`M${outline.map(([a, b]) => `${x + a * width} ${y + b * height}`).join('L')}Z`)
  pen.fillStyle = colours.signal
  pen.fill(shape)
  if (ring) {
    pen.save()
    pen.clip(shape)
    pen.strokeStyle = colours['on-signal']
    pen.lineWidth = 5
    pen.stroke(shape)
    pen.restore()
  }
  pen.fillStyle = colours['on-signal']
  const large = `600 26px ${FIGURES_FONT}`, small = `500 14px ${FIGURES_FONT}`, GAP = 3
  const digits = textWidth(pen, large, speed), unit = textWidth(pen, small, symbol)
  pen.font = large
  const from = x + (handle.align === 'start' ? 9 : (width - digits - GAP - unit) / 2)
  pen.fillText(speed, from, y + handle.baseline)
  pen.font = small
  pen.fillText(symbol, from + digits + GAP, y + handle.baseline)
}
