const widths = new Map<string, number>()
/**
 * How wide a canvas sets a text, px. Digits are tabular, so that each shape of a figure is measured once.
 *
 * @param pen of the canvas; its font is left as it may be
 * @param font as CSS writes it
 */
export function textWidth(pen: CanvasRenderingContext2D, font: string, text: string): number {
  const shape = text.replace(/\d/g, '0'), key = font + shape
  let width = widths.get(key)
  if (width === undefined) {
    pen.font = font
    width = pen.measureText(shape).width
    if (document.fonts.status === 'loaded') widths.set(key, width)
  }
  return width
}
