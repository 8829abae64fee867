import { ref, watch } from 'vue'
import { useLever } from './useLever'
import { whenLeverRests } from '~/directives/whileLeverMoves'

/** The lever's speed, m/s, as of when it last rested: for what takes too long to be worked out at each of its steps. */
export function useRestingSpeed() {
  const { speed } = useLever()
  const resting = ref(speed.value)
  const follow = () => {
    resting.value = speed.value
  }
  watch(speed, () => whenLeverRests(follow, follow))
  return resting
}
