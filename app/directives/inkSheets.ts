/** The canvases of figures in ink: which text lies on which sheet, where it stands, and how it is drawn. Fetched when the lever is first taken in hand. */
import { shapeOf, type MovingText } from './movingInk'

const INK = 'ink-over'
/** px kept clear around a text, and beside the outermost for one more digit */
const MARGIN = 2, ROOM = 24
/** sheets by name, and those of every bench */
const SHEETS = '[data-ink-sheet], .bench__lead, .bench__main, .bench__side'

/** A sheet's canvas: its place in the window, px, and its pen. */
interface Sheet { canvas: HTMLCanvasElement, pen: CanvasRenderingContext2D, corner: number[], left: number, top: number, width: number, height: number, type: string }

/** Where a text stands in the window and how it is set. */
interface Place { text: MovingText, at: DOMRect, font: string, spacing: string, colour: string }

const sheets = new Map<Element, Sheet>()

/** The sheet that a text is inked on; none for what moves by itself. */
const sheetOf = (text: MovingText) => {
  if (text.element instanceof SVGElement) return null
  const sheet = text.element.closest<HTMLElement>(SHEETS)
  return sheet?.dataset.inkSheet === 'none' ? null : sheet
}

let inked: Iterable<MovingText> = [], moved: (text: MovingText) => void = () => {}
/** Where something came or went on a sheet, or another text changed, its figures may stand elsewhere now: those that do are told. */
const comings = new MutationObserver((records) => {
  const touched = new Set<Element | null>()
  for (const { target, addedNodes, removedNodes } of records) {
    if ([...addedNodes, ...removedNodes].some(node => (node as Element).className !== INK)) touched.add((target as Element).closest(SHEETS))
  }
  // all are measured before any is changed, so that the page is laid out once
  const off = [...inked].filter(text => text.ink && touched.has(sheetOf(text)) && !text.ink.stands())
  off.forEach(moved)
})

/** Inks each figure `wanted` that is in view and has no ink: first all is measured, then all is drawn, so that the page is laid out once. `whenMoved` is told of any of `texts` that something else may have pushed. */
export function inkTexts(texts: Set<MovingText>, wanted: Set<MovingText>, whenMoved: (text: MovingText) => void) {
  inked = texts
  moved = whenMoved
  const due = new Map<Element, Place[]>()
  for (const text of [...wanted, ...pushedBy(wanted)]) {
    const sheet = sheetOf(text)
    if (!sheet || text.ink || !text.value) continue
    const place = measure(text)
    text.away = !place
    if (place) due.set(sheet, [...due.get(sheet) ?? [], place])
  }
  const plans = [...due].map(([sheet, places]) => {
    const known = sheets.get(sheet), corner = sheet.getBoundingClientRect()
    if (known && known.corner.every((v, i) => v === [corner.left, corner.top][i]) && places.every(({ at }) => holds(known, at))) return { sheet, corner, places, known }
    return { sheet, corner, places: [...texts].filter(text => sheetOf(text) === sheet).flatMap(text => measure(text) ?? []), known: null }
  })
  for (const { sheet, corner, places, known } of plans) {
    const on = known ?? newSheet(sheet, corner, places)
    if (on) for (const place of places) ink(on, place)
  }
}

/** A figure that has grown pushes what stands beside it: lifts the ink of those and gives them. */
function pushedBy(grown: Set<MovingText>): MovingText[] {
  const touched = new Set([...grown].map(sheetOf))
  const pushed = [...inked].filter(text => text.ink && touched.has(sheetOf(text)) && !text.ink.stands())
  for (const text of pushed) {
    text.ink!.draw('')
    text.ink = null
  }
  return pushed
}

const holds = ({ left, top, width, height }: Sheet, at: DOMRect) => at.left >= left + MARGIN && at.right <= left + width - MARGIN && at.top >= top + MARGIN && at.bottom <= top + height - MARGIN

const range = document.createRange()
function placeOf({ node }: MovingText): DOMRect {
  range.selectNodeContents(node)
  return range.getBoundingClientRect()
}

/** Where a text stands and how it is set; null if it is out of view. */
function measure(text: MovingText): Place | null {
  const at = placeOf(text)
  if (!at.width || at.bottom < 0 || at.right < 0 || at.top > innerHeight || at.left > innerWidth) return null
  const { fontStyle, fontWeight, fontSize, fontFamily, letterSpacing, color } = getComputedStyle(text.element)
  return { text, at, font: `${fontStyle} ${fontWeight} ${fontSize} ${fontFamily}`, spacing: letterSpacing === 'normal' ? '0px' : letterSpacing, colour: color }
}

/** A canvas over a sheet's figures, on whole pixels of the screen, with room beside them for another digit. */
function newSheet(sheet: Element, corner: DOMRect, places: Place[]): Sheet | null {
  const scale = devicePixelRatio
  const whole = (v: number) => Math.floor(v * scale) / scale
  const left = whole(Math.max(corner.left, Math.min(...places.map(p => p.at.left)) - ROOM)) - MARGIN, top = whole(Math.min(...places.map(p => p.at.top))) - MARGIN
  const width = Math.ceil(Math.min(corner.right, Math.max(...places.map(p => p.at.right)) + ROOM) - left) + MARGIN, height = Math.ceil(Math.max(...places.map(p => p.at.bottom)) - top) + MARGIN
  const canvas = document.createElement('canvas')
  const pen = canvas.getContext('2d')
  if (!pen) return null
  canvas.width = Math.round(width * scale)
  canvas.height = Math.round(height * scale)
  canvas.className = INK
  canvas.style.cssText = `left:${left - corner.left}px;top:${top - corner.top}px;width:${width}px;height:${height}px`
  canvas.setAttribute('aria-hidden', 'true')
  pen.scale(scale, scale)
  sheets.get(sheet)?.canvas.remove()
  const made = { canvas, pen, corner: [corner.left, corner.top], left, top, width, height, type: '' }
  sheets.set(sheet, made)
  sheet.append(canvas)
  comings.observe(sheet, { childList: true, subtree: true })
  return made
}

/** Draws a text where it stood, and from now on whatever it becomes. */
function ink(on: Sheet, { text, at, font, spacing, colour }: Place) {
  const { pen } = on, scale = devicePixelRatio, type = [font, spacing, colour].join()
  const set = () => {
    if (on.type === type) return
    on.type = type
    pen.font = font
    pen.letterSpacing = spacing
    pen.fillStyle = colour
  }
  set()
  const x = at.left - on.left, top = at.top - on.top
  const y = Math.round((top + Math.round(pen.measureText('0').fontBoundingBoxAscent)) * scale) / scale
  const draw = (value: string) => {
    set()
    pen.clearRect(x - MARGIN, top - MARGIN, at.width + 2 * MARGIN, at.height + 2 * MARGIN)
    pen.fillText(value, x, y)
  }
  draw(text.value)
  const stands = () => {
    const now = placeOf(text), from = on.canvas.getBoundingClientRect()
    return Math.abs(now.left - from.left - x) < 0.5 && Math.abs(now.top - from.top - top) < 0.5
  }
  text.ink = { shape: shapeOf(text.value), draw, stands }
  text.element.dataset.inked = ''
}

/** Takes every canvas away. */
export function clearSheets() {
  comings.disconnect()
  for (const { canvas } of sheets.values()) canvas.remove()
  sheets.clear()
}
