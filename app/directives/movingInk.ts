/**
 * Figures in ink. A browser lays out, paints and composes every changed text anew: some forty of them a step cost a slow phone more than all the sums behind them.
 * So while the lever is in hand, the figures in view of one sheet (an element marked `data-ink-sheet`) are drawn on one canvas that lies over them;
 * the texts themselves are written as soon as the lever rests. Out of hand there is no canvas: what is printed, selected, read aloud or enlarged is always the text.
 */

/** A text of the page that moves with the lever. */
export interface MovingText { element: HTMLElement, node: Text, value: string, ink: Ink | null, away: boolean, write: () => void }

interface Ink { shape: number, draw: (text: string) => void }

/** A sheet's canvas: its place in the window, px, and its pen. */
interface Sheet { canvas: HTMLCanvasElement, pen: CanvasRenderingContext2D, corner: number[], left: number, top: number, width: number, height: number, type: string }

/** sheets by name, and those of every bench */
const SHEETS = '[data-ink-sheet], .bench__lead, .bench__main, .bench__side'
const INK = 'ink-over'
/** px kept clear around a text, and beside the outermost for one more digit */
const MARGIN = 2, ROOM = 24
/** ms without a move after which texts are written */
const REST = 250
/** texts written in one idle moment: more would make the next press wait */
const AT_ONCE = 6

const texts = new Set<MovingText>()
const sheets = new Map<Element, Sheet>()
const undrawn = new Set<MovingText>()
const unwritten = new Map<object, () => void>()
let inHand = false, inking = false
let lastMove = 0
let rest: ReturnType<typeof setTimeout> | undefined

const whenIdle = (act: () => void) => 'requestIdleCallback' in globalThis ? requestIdleCallback(act, { timeout: 500 }) : setTimeout(act, 1)

/** Texts of the same shape are as wide as each other, because the digits are tabular: "9.98" and "10.0". */
function shapeOf(text: string): number {
  let digits = 0
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i)
    if (code > 47 && code < 58) digits++
  }
  return 100 * text.length + digits
}

export function movingText(element: HTMLElement): MovingText {
  const node = element.appendChild(document.createTextNode(''))
  const text: MovingText = { element, node, value: '', ink: null, away: false, write: () => { node.nodeValue = text.value } }
  texts.add(text)
  return text
}

export function forgetText(text: MovingText) {
  texts.delete(text)
  unwritten.delete(text)
}

/** Shows a text: in ink while the lever is in hand and the text in view, else as text at once. */
export function showText(text: MovingText, value: string) {
  if (value === text.value) return
  text.value = value
  const { ink } = text
  if (ink && ink.shape === shapeOf(value)) {
    drawSoon(text)
    writeLater(text, text.write)
  }
  else if (inHand && text.away) writeLater(text, text.write)
  // it may be wider now, and push what follows it
  else wash(text)
}

/** All drawing of a step in one go, after the page's other changes: between them each stroke would have the browser work out its styles again. */
function drawSoon(text: MovingText) {
  if (!undrawn.size) queueMicrotask(drawAll)
  undrawn.add(text)
}

function drawAll() {
  for (const text of undrawn) text.ink?.draw(text.value)
  undrawn.clear()
}

/** What nobody sees may wait until the lever rests; out of hand it does not. */
export function writeLater(key: object, write: () => void) {
  if (!inHand) return write()
  if (!unwritten.size) document.documentElement.toggleAttribute('data-lever-moving', true)
  unwritten.set(key, write)
  lastMove = performance.now()
  rest ??= setTimeout(restOrWait, REST)
}

/** One timer for a whole run of moves. */
function restOrWait() {
  const wait = lastMove + REST - performance.now()
  rest = wait > 1 ? setTimeout(restOrWait, wait) : undefined
  if (!rest) whenIdle(writeSome)
}

function writeSome() {
  for (const [key, write] of [...unwritten].slice(0, AT_ONCE)) {
    unwritten.delete(key)
    write()
  }
  if (unwritten.size) return whenIdle(writeSome)
  document.documentElement.toggleAttribute('data-lever-moving', false)
  if (inHand) inkAll()
}

/** The lever is taken, or about to be: figures in view are inked at the next idle moment. */
export function takeInHand() {
  if (inHand || globalThis.matchMedia?.('(forced-colors: active)').matches) return
  inHand = true
  inkSoon()
}

function inkSoon() {
  if (!inking) whenIdle(inkAll)
  inking = true
}

/** The lever is let go, or what stands around the figures changes: every figure is text again, at once. */
export function letGo() {
  if (!inHand) return
  inHand = false
  clearTimeout(rest)
  rest = undefined
  for (const write of unwritten.values()) write()
  unwritten.clear()
  for (const text of texts) wash(text)
  comings?.disconnect()
  for (const { canvas } of sheets.values()) canvas.remove()
  sheets.clear()
  document.documentElement.toggleAttribute('data-lever-moving', false)
}

/** A text stands as text again, at once; in hand it is inked anew at the next idle moment. */
function wash(text: MovingText) {
  text.away = false
  unwritten.delete(text)
  text.write()
  if (inHand) inkSoon()
  if (!text.ink) return
  text.ink.draw('')
  delete text.element.dataset.inked
  text.ink = null
}

/** Where something came or went on a sheet, its texts may stand elsewhere now. */
const comings = globalThis.MutationObserver && new MutationObserver((records) => {
  const touched = new Set<Element>()
  for (const { target, addedNodes, removedNodes } of records) {
    const sheet = (target as Element).closest(SHEETS)
    if (sheet && [...addedNodes, ...removedNodes].some(node => (node as Element).className !== INK)) touched.add(sheet)
  }
  for (const text of texts) {
    if (text.ink && touched.has(sheetOf(text)!)) wash(text)
  }
})

/** The sheet that a text is inked on; none for what moves by itself. */
const sheetOf = (text: MovingText) => {
  if (text.element instanceof SVGElement) return null
  const sheet = text.element.closest<HTMLElement>(SHEETS)
  return sheet?.dataset.inkSheet === 'none' ? null : sheet
}

/** Inks each figure in view that has no ink: first all is measured, then all is drawn, so that the page is laid out once. */
function inkAll() {
  inking = false
  if (!inHand) return
  const due = new Map<Element, Place[]>()
  for (const text of texts) {
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

const holds = ({ left, top, width, height }: Sheet, at: DOMRect) => at.left >= left + MARGIN && at.right <= left + width - MARGIN && at.top >= top + MARGIN && at.bottom <= top + height - MARGIN

interface Place { text: MovingText, at: DOMRect, font: string, spacing: string, colour: string }

/** Where a text stands and how it is set; null if it is out of view. */
function measure(text: MovingText): Place | null {
  const range = document.createRange()
  range.selectNodeContents(text.node)
  const at = range.getBoundingClientRect()
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
  comings?.observe(sheet, { childList: true, subtree: true })
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
  text.ink = { shape: shapeOf(text.value), draw }
  text.element.dataset.inked = ''
}
