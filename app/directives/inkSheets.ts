/** The canvases of figures in ink: which text lies on which sheet, where it stands, and how it is drawn. Fetched when the lever is first taken in hand. */
import { lift, shapeOf, type MovingText } from './movingInk'

const INK = 'ink-over'
/** px kept clear around a text, and beside the outermost for one more digit */
const MARGIN = 2, ROOM = 24
/** sheets by name, and those of every bench */
const SHEETS = '[data-ink-sheet], .bench__lead, .bench__main, .bench__side'

/** A sheet's canvas: its place in the window, px, and its pen. */
interface Sheet { canvas: HTMLCanvasElement, pen: CanvasRenderingContext2D, corner: number[], left: number, top: number, width: number, height: number, type: string }

/** How a text is set; `key` tells one from another. */
interface Type { font: string, spacing: string, colour: string, key: string }
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
  displacedOn(touched).forEach(moved)
})

/** Figures on sheets that do not stand any more where they were inked; all are measured before any is changed, so that the page is laid out once. */
const displacedOn = (touched: Set<Element | null>) => [...inked].filter(text => text.ink && touched.has(sheetOf(text)) && !text.ink.stands())

/** Inks each figure `wanted` that is in view and has no ink: first all is measured, then all is drawn, so that the page is laid out once. `whenMoved` is told of any of `texts` that something else may have pushed. */
export function inkTexts(texts: Set<MovingText>, wanted: Set<MovingText>, whenMoved: (text: MovingText) => void) {
  inked = texts
  moved = whenMoved
  const due = new Map<Element, Place[]>()
  // a figure that has grown pushes what stands beside it
  const pushed = displacedOn(new Set([...wanted].map(sheetOf)))
  pushed.forEach(lift)
  for (const text of [...wanted, ...pushed]) {
    const sheet = sheetOf(text)
    if (!sheet || text.ink || !text.value) continue
    const place = measure(text)
    if (place) due.set(sheet, [...due.get(sheet) ?? [], place])
  }
  const plans = [...due].map(([sheet, places]) => {
    const known = sheets.get(sheet), corner = sheet.getBoundingClientRect()
    if (known && known.corner.every((v, i) => v === [corner.left, corner.top][i]) && places.every(({ at, follower }) => holds(known, at) && (!follower || holds(known, follower.at)))) return { sheet, corner, places, known }
    const all = [...texts].filter(text => sheetOf(text) === sheet)
    // those out of view have no place on the new canvas: they are text again
    all.forEach(lift)
    return { sheet, corner, places: all.flatMap(text => measure(text) ?? []), known: null }
  })
  for (const { sheet, corner, places, known } of plans) {
    const on = known ?? newSheet(sheet, corner, places)
    if (on) for (const place of places) ink(on, place)
  }
}

const holds = ({ left, top, width, height }: Sheet, at: DOMRect) => at.left >= left + MARGIN && at.right <= left + width - MARGIN && at.top >= top + MARGIN && at.bottom <= top + height - MARGIN

const range = document.createRange()
function placeOf(node: Node): DOMRect {
  range.selectNodeContents(node)
  return range.getBoundingClientRect()
}

function typeOf({ fontStyle, fontWeight, fontSize, fontFamily, letterSpacing, color }: CSSStyleDeclaration): Type {
  const type = { font: `${fontStyle} ${fontWeight} ${fontSize} ${fontFamily}`, spacing: letterSpacing === 'normal' ? '0px' : letterSpacing, colour: color }
  return { ...type, key: Object.values(type).join() }
}

/** Where a text stands and how it is set; null, and marked away, if it is out of view. */
function measure(text: MovingText): Place | null {
  const at = placeOf(text.node)
  text.away = !at.width || at.bottom < 0 || at.right < 0 || at.top > innerHeight || at.left > innerWidth
  if (text.away) return null
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
  const width = Math.ceil(Math.min(corner.right, Math.max(...places.map(p => (p.follower ?? p).at.right)) + ROOM) - left) + MARGIN, height = Math.ceil(Math.max(...places.map(p => p.at.bottom)) - top) + MARGIN
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
  const set = ({ font, spacing, colour, key }: Type) => {
    if (on.type === key) return
    on.type = key
    pen.font = font
    pen.letterSpacing = spacing
    pen.fillStyle = colour
  }
  const baseline = (top: number) => Math.round((top + Math.round(pen.measureText('0').fontBoundingBoxAscent)) * scale) / scale
  set(type)
  const x = at.left - on.left, top = at.top - on.top, y = baseline(top)
  const unit = follower && { ...follower, x: follower.at.left - on.left, y: (set(follower), baseline(follower.at.top - on.top)) }
  // what is written behind may be older, and of another shape, than what is shown
  const shape = shapeOf(text.node.data)
  /** px by which a text is wider than the one written there, by its shape */
  const grown = new Map([[shape, 0]])
  const growth = (value: string) => {
    const its = shapeOf(value), known = grown.get(its)
    if (known !== undefined) return known
    set(type)
    const by = pen.measureText(value).width - at.width
    grown.set(its, by)
    return by
  }
  /** how far a text reaches, its unit with it, px */
  const reach = (value: string) => {
    const by = anchor ? growth(value) : 0
    const from = x - (anchor === 'end' ? by : anchor === 'middle' ? by / 2 : 0), shift = anchor === 'start' ? by : 0
    return { from, shift, to: unit ? unit.x + shift + unit.at.width : from + at.width + by }
  }
  const gap = unit ? unit.x - x - at.width : 0
  let drawn = reach(text.value)
  /** by how much the unit on the canvas is pushed from its place, if it is there */
  let unitShift: number | null = null
  const draw = (value: string) => {
    const next = value ? reach(value) : drawn
    const unitStays = unit && value && unitShift === next.shift
    const from = drawn.from - MARGIN, to = unitStays ? unit.x + next.shift - Math.min(MARGIN, gap / 2) : drawn.to + MARGIN
    pen.clearRect(from, top - MARGIN, to - from, at.height + 2 * MARGIN)
    drawn = next
    unitShift = unit && value ? next.shift : null
    if (!value) return
    set(type)
    pen.fillText(value, drawn.from, y)
    if (!unit || unitStays) return
    set(unit)
    pen.fillText(unit.value, unit.x + drawn.shift, unit.y)
  }
  draw(text.value)
  const stands = () => {
    const now = placeOf(text.node), from = on.canvas.getBoundingClientRect()
    return Math.abs(now.left - from.left - x) < 0.5 && Math.abs(now.top - from.top - top) < 0.5
  }
  const hidden = unit ? text.element.parentElement! : text.element
  const takes = (value: string) => {
    if (shapeOf(value) === shape) return true
    const { from, to } = reach(value)
    return anchor !== '' && from >= 0 && to <= on.width
  }
  text.ink = { type: type.key, takes, draw, stands, hidden }
  hidden.dataset.inked = ''
}

/** Takes every canvas away. */
export function clearSheets() {
  comings.disconnect()
  for (const { canvas } of sheets.values()) canvas.remove()
  sheets.clear()
}
