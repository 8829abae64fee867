import { watch } from 'vue'
import { useAnswerStore } from '~/stores/answer'
import { useInstrumentStore } from '~/stores/instruments'
import { useViewStore } from '~/stores/view'

/**
 * The lever drives the simulated boat: it asks for the power that the board's boat would take at its speed.
 *
 * @param course rad, as she is to be steered
 */
export function useSimulatedHelm(course: () => number) {
  const instruments = useInstrumentStore()
  const answer = useAnswerStore()
  const view = useViewStore()
  const drive = () => instruments.steer(answer.evaluation.point.drive.packPower, course())
  watch(
    () => view.speed,
    () => {
      if (instruments.source === 'simulated') drive()
    },
  )
  return { drive }
}
