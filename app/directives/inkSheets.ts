/** The canvases of figures in ink: which text lies on which sheet, where it stands, and how it is drawn. Fetched when the lever is first taken in hand. */
import { shapeOf, type MovingText } from './movingInk'

const INK = 'ink-over'
/** px kept clear around a text, and beside the outermost for one more digit */
const MARGIN = 2, ROOM = 24
/** sheets by name, and those of every bench */
const SHEETS = '[data-ink-sheet], .bench__lead, .bench__main, .bench__side'

/** A sheet's canvas: its place in the window, px, and its pen. */
interface Sheet { canvas: HTMLCanvasElement, pen: CanvasRenderingContext2D, corner: number[], left: number, top: number, width: number, height: number, type: string }

/** How a text is set. */
interface Type { font: string, spacing: string, colour: string }
/** The unit that follows digits, and is drawn with them. */
interface Follower extends Type { at: DOMRect, value: string }
/**
 * Where a text stands in the window and how it is set. `anchor` tells which end of it stays when it grows: a style `--ink-anchor: start | middle | end`
 * promises that nothing else on its line moves then, so that it need not be laid out.
 */
interface Place extends Type { text: MovingText, at: DOMRect, anchor: '' | 'start' | 'middle' | 'end', follower: Follower | null }

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
function placeOf(node: Node): DOMRect {
  range.selectNodeContents(node)
  return range.getBoundingClientRect()
}

function typeOf({ fontStyle, fontWeight, fontSize, fontFamily, letterSpacing, color }: CSSStyleDeclaration): Type {
  return { font: `${fontStyle} ${fontWeight} ${fontSize} ${fontFamily}`, spacing: letterSpacing === 'normal' ? '0px' : letterSpacing, colour: color }
}

/** Where a text stands and how it is set; null if it is out of view. */
function measure(text: MovingText): Place | null {
  const at = placeOf(text.node)
  if (!at.width || at.bottom < 0 || at.right < 0 || at.top > innerHeight || at.left > innerWidth) return null
  const style = getComputedStyle(text.element)
  const after = [...text.element.parentElement!.children].filter(each => each !== text.element && each.textContent)
  const anchor = style.getPropertyValue('--ink-anchor').trim() as Place['anchor']
  // a range beside the unit changes with every step: such figures are laid out when they grow
  if (!anchor || (anchor !== 'middle' && after.length > 1)) return { text, at, anchor: '', follower: null, ...typeOf(style) }
  const unit = anchor === 'middle' ? undefined : after[0]
  return { text, at, anchor, follower: unit ? { at: placeOf(unit), value: unit.textContent!, ...typeOf(getComputedStyle(unit)) } : null, ...typeOf(style) }
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
function ink(on: Sheet, { text, at, anchor, follower, ...type }: Place) {
  const { pen } = on, scale = devicePixelRatio
  const set = ({ font, spacing, colour }: Type) => {
    const now = [font, spacing, colour].join()
    if (on.type === now) return
    on.type = now
    pen.font = font
    pen.letterSpacing = spacing
    pen.fillStyle = colour
  }
  const baseline = (top: number) => Math.round((top + Math.round(pen.measureText('0').fontBoundingBoxAscent)) * scale) / scale
  set(type)
  const x = at.left - on.left, top = at.top - on.top, y = baseline(top)
  const unit = follower && { ...follower, x: follower.at.left - on.left, y: (set(follower), baseline(follower.at.top - on.top)) }
  const shape = shapeOf(text.value)
  /** px by which a text is wider than the one that stood there, by its shape */
  const grown = new Map([[shape, 0]])
  const growth = (value: string) => {
    const its = shapeOf(value), known = grown.get(its)
    if (known !== undefined) return known
    set(type)
    const by = pen.measureText(value).width - at.width
    grown.set(its, by)
    return by
  }
  let from = x, to = unit ? unit.x + unit.at.width : x + at.width
  const draw = (value: string) => {
    set(type)
    pen.clearRect(from - MARGIN, top - MARGIN, to - from + 2 * MARGIN, at.height + 2 * MARGIN)
    if (!value) return
    const by = anchor ? growth(value) : 0
    from = x - (anchor === 'end' ? by : anchor === 'middle' ? by / 2 : 0)
    to = from + at.width + by
    pen.fillText(value, from, y)
    if (!unit) return
    const shift = anchor === 'start' ? by : 0
    set(unit)
    pen.fillText(unit.value, unit.x + shift, unit.y)
    to = unit.x + shift + unit.at.width
  }
  draw(text.value)
  const stands = () => {
    const now = placeOf(text.node), from = on.canvas.getBoundingClientRect()
    return Math.abs(now.left - from.left - x) < 0.5 && Math.abs(now.top - from.top - top) < 0.5
  }
  const hidden = unit ? text.element.parentElement! : text.element
  text.ink = { takes: value => shapeOf(value) === shape || (anchor !== '' && Math.abs(growth(value)) < ROOM - MARGIN), draw, stands, hidden }
  hidden.dataset.inked = ''
}

/** Takes every canvas away. */
export function clearSheets() {
  comings.disconnect()
  for (const { canvas } of sheets.values()) canvas.remove()
  sheets.clear()
}
