import { ref } from 'vue'

const LAST_STAGE = 3
const stage = ref(0)
let started = false

/**
 * The first view is drawn in stages, a frame apart, so that the boat and the answer stand there before fields and
 * findings
 * are built. Only the very first view is staged; from then on everything is drawn at once.
 *
 * @returns the stage reached (0 to 3), and the start
 */
export function useStages() {
  function start() {
    if (started) return
    started = true
    const next = () => {
      stage.value++
      if (stage.value < LAST_STAGE) requestAnimationFrame(() => setTimeout(next))
    }
    requestAnimationFrame(() => setTimeout(next))
  }
  return { stage, start, LAST_STAGE }
}
