/**
 * Writing later: while the lever moves, what nobody sees at that moment (names for a screen reader, texts out of view,
 * news of a run) is not written. It is when the lever rests.
 */

/** ms without a move after which the lever rests */
const REST = 250

const waiting = new Map<object, () => void>()
let lastMove = 0
let timer: ReturnType<typeof setTimeout> | undefined

/** The lever has moved: a step, or a place of a drag. */
export function leverMoved() {
  lastMove = performance.now()
  if (timer !== undefined) return
  document.documentElement.toggleAttribute('data-lever-moving', true)
  timer = setTimeout(restOrWait, REST)
}

/** Whether it has moved within the last quarter of a second. */
export const leverMoves = () => timer !== undefined

/** One timer for a whole run of moves. */
function restOrWait() {
  const left = lastMove + REST - performance.now()
  if (left > 1) {
    timer = setTimeout(restOrWait, left)
    return
  }
  timer = undefined
  const acts = [...waiting.values()]
  waiting.clear()
  for (const act of acts) act()
  document.documentElement.toggleAttribute('data-lever-moving', false)
}

/**
 * Does something now, or, while the lever moves, when it rests. Of one key the last is kept.
 *
 * @param key what it is for
 * @param act what to do
 */
export function whenLeverRests(key: object, act: () => void) {
  if (timer === undefined) act()
  else waiting.set(key, act)
}

/** What was to be done for a key is not done. */
export function forget(key: object) {
  waiting.delete(key)
}
