/**
 * Figures in ink. A browser lays out, paints and composes every changed text anew: some forty of them a step cost a slow phone more than all the sums behind them.
 * So while the lever is in hand, the figures in view of one sheet (an element marked `data-ink-sheet`) are drawn on one canvas that lies over them;
 * the texts themselves are written as soon as the lever rests. Out of hand there is no canvas: what is printed, selected, read aloud or enlarged is always the text.
 */

/** A text of the page that moves with the lever. */
export interface MovingText { element: HTMLElement, node: Text, value: string, ink: Ink | null, away: boolean, write: () => void }

/** How a text is set and drawn while it is in ink, whether it may be another there, whether the text behind still stands where it was inked, and what is hidden meanwhile. */
export interface Ink { type: string, takes: (text: string) => boolean, draw: (text: string) => void, stands: () => boolean, hidden: HTMLElement }

/** ms without a move after which texts are written */
const REST = 250
/** texts written in one idle moment: more would make the next press wait */
const AT_ONCE = 6

const texts = new Set<MovingText>()
const undrawn = new Set<MovingText>()
const unwritten = new Map<object, () => void>()
const washed = new Set<MovingText>()
let inker: typeof import('./inkSheets') | undefined
let inHand = false, inking = false
let lastMove = 0
let rest: ReturnType<typeof setTimeout> | undefined

const whenIdle = (act: () => void) => 'requestIdleCallback' in globalThis ? requestIdleCallback(act, { timeout: 500 }) : setTimeout(act, 1)

/** Texts of the same shape are as wide as each other, because the digits are tabular: "9.98" and "10.0". */
export function shapeOf(text: string): number {
  let digits = 0
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i)
    if (code > 47 && code < 58) digits++
  }
  return 100 * text.length + digits
}

/** Takes an element's text in charge: what is shown there goes through showText. */
export function movingText(element: HTMLElement): MovingText {
  const node = element.appendChild(document.createTextNode(''))
  const text: MovingText = { element, node, value: '', ink: null, away: false, write: () => { node.nodeValue = text.value } }
  texts.add(text)
  return text
}

/** The element is gone. */
export function forgetText(text: MovingText) {
  texts.delete(text)
  unwritten.delete(text)
  washed.delete(text)
}

/** Shows a text: in ink while the lever is in hand and the text in view, else as text at once. */
export function showText(text: MovingText, value: string) {
  if (value === text.value) return
  text.value = value
  const { ink } = text
  if (ink?.takes(value)) {
    drawSoon(text)
    writeLater(text, text.write)
  }
  else if (inHand && text.away) writeLater(text, text.write)
  // it may be wider now, and push what follows it
  else wash(text)
}

/** What follows the digits has been written anew: where it is in ink with them, both are inked anew. */
export function unitChanged(text: MovingText) {
  if (text.ink && text.ink.hidden !== text.element) wash(text)
}

/** All drawing of a step in one go, after the page's other changes: between them each stroke would have the browser work out its styles again. Those set alike follow each other, so that the pen is changed seldom. */
function drawSoon(text: MovingText) {
  if (!undrawn.size) queueMicrotask(drawAll)
  undrawn.add(text)
}

function drawAll() {
  const order = (text: MovingText) => text.ink?.type ?? ''
  const all = [...undrawn].sort((a, b) => order(a) < order(b) ? -1 : 1)
  undrawn.clear()
  for (const text of all) text.ink?.draw(text.value)
}

/** What nobody sees may wait until the lever rests; out of hand it does not. */
export function writeLater(key: object, write: () => void) {
  if (!inHand) return write()
  if (!unwritten.size) document.documentElement.toggleAttribute('data-lever-moving', true)
  unwritten.set(key, write)
  lastMove = performance.now()
  rest ??= setTimeout(restOrWait, REST)
}

/** What does not come of the lever, but would change the page under the hand that moves it, waits until it rests; else it does not. Of one key the last is kept. */
export function whenAtRest(key: object, act: () => void) {
  if (unwritten.size) unwritten.set(key, act)
  else act()
}

/** One timer for a whole run of moves. */
function restOrWait() {
  const wait = lastMove + REST - performance.now()
  rest = wait > 1 ? setTimeout(restOrWait, wait) : undefined
  if (!rest) whenIdle(writeSome)
}

function writeSome() {
  // it moves again: the texts would be written under the hand
  if (rest) return
  for (const [key, write] of [...unwritten].slice(0, AT_ONCE)) {
    unwritten.delete(key)
    write()
  }
  if (unwritten.size) return whenIdle(writeSome)
  document.documentElement.toggleAttribute('data-lever-moving', false)
  if (inHand) inkSoon()
}

/** The lever is taken, or about to be: figures in view are inked at the next idle moment. */
export function takeInHand() {
  if (inHand || globalThis.matchMedia?.('(forced-colors: active)').matches) return
  inHand = true
  inkSoon()
}

function inkSoon() {
  if (!inking) whenIdle(() => void inkAll())
  inking = true
}

async function inkAll() {
  // without it, should it not be reached, the figures go on as text
  inker ??= await import('./inkSheets').catch(() => undefined)
  inking = false
  if (inHand) inker?.inkTexts(texts, texts, wash)
}

/** Texts that had to be written are inked again in the same frame: the page is laid out for them anyway, and the next step finds them in ink. */
function inkAgain() {
  if (inHand) inker?.inkTexts(texts, washed, wash)
  washed.clear()
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
  inker?.clearSheets()
  document.documentElement.toggleAttribute('data-lever-moving', false)
}

/** A text stands as text again, at once; in hand it is inked anew with the next frame. */
function wash(text: MovingText) {
  text.away = false
  unwritten.delete(text)
  text.write()
  if (inHand && inker) {
    if (!washed.size) requestAnimationFrame(inkAgain)
    washed.add(text)
  }
  lift(text)
}

/** Takes a text's ink away, so that what is written behind it is seen. */
export function lift(text: MovingText) {
  if (!text.ink) return
  text.ink.draw('')
  delete text.ink.hidden.dataset.inked
  text.ink = null
}
