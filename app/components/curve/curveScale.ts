import { computed, type Ref } from 'vue'
import { chosenUnit, readCurve, toUnit, UNITS } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useViewStore } from '~/stores/view'

/** Units and speeds that the charts of the curve share. */
export function useCurveScale(powerUnit?: Ref<'kW' | 'hp'>) {
  const answer = useAnswerStore()
  const view = useViewStore()
  const speedUnit = computed(() => chosenUnit('speed', view.choice))
  const unit = computed(() => powerUnit?.value ?? chosenUnit('electricPower', view.choice))
  const kw = (w: number) => toUnit(w, unit.value)
  const kn = (v: number) => toUnit(v, speedUnit.value)
  const speeds = computed(() => answer.curve.map(p => kn(p.speed)))
  const speedAxis = computed(() => ({
    title: benchWords.curve.axisSpeed,
    unit: UNITS[speedUnit.value].symbol,
    from: 0,
    to: speeds.value.at(-1)!,
  }))
  return { speedUnit, unit, kw, kn, speeds, speedAxis }
}

/** What the curve says in words: knee, hump, the cheapest mile. */
export function useCurveReading() {
  const answer = useAnswerStore()
  return computed(() => readCurve(answer.model, answer.curve, answer.summary.payoff, answer.summary.cruise))
}
