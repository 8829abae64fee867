import { defineStore } from 'pinia'
import { computed } from 'vue'
import {
  curveSpeeds,
  evaluate,
  methodCurves,
  powerCurve,
  type FindingsReport,
  type PartName,
  type Severity,
} from '@remigo/core'
import { useAdvice } from '~/composables/useAdvice'
import { useStages } from '~/composables/useStages'
import { useDocumentStore } from './document'
import { useLibraryStore } from './library'
import { useViewStore } from './view'

const NOT_JUDGED: FindingsReport = { findings: [], counts: { stop: 0, caution: 0, note: 0, fits: 0 }, worst: {} }

/** What the core answers about the boat on the screen, at the lever's speed. */
export const useAnswerStore = defineStore('answer', () => {
  const document = useDocumentStore()
  const view = useViewStore()
  const library = useLibraryStore()
  const greatestSpeed = computed(() => curveSpeeds(document.shown, 2)[1]!)
  const evaluation = computed(() => evaluate(document.shown, Math.min(view.speed, greatestSpeed.value)))
  /** the part that does not move with the lever */
  const summary = computed(() => evaluate(document.shown, document.shown.use.cruiseSpeed))
  const { advice } = useAdvice()
  /** what does not fit; nothing is known of it before the rules have come */
  const judged = computed(() => advice.value !== undefined)
  const findings = computed(() => advice.value?.findingsOf(summary.value, library.library) ?? NOT_JUDGED)
  /** why there is no answer for this boat; what must stay alive whatever she is, asks first */
  const trouble = computed<Error | null>(() => {
    try {
      void evaluation.value
      void findings.value
      return null
    } catch (error) {
      return error as Error
    }
  })
  const { stage } = useStages()
  /** how a part stands; not known before the first picture, which would else wait for all the rules */
  const stateOf = (part: PartName): Severity | 'fits' | undefined =>
    stage.value === 0 || !judged.value || trouble.value ? undefined : (findings.value.worst[part] ?? 'fits')
  const model = computed(() => summary.value.model)
  const curve = computed(() => powerCurve(document.shown))
  const methods = computed(() => methodCurves(document.shown, curve.value))
  return { trouble, greatestSpeed, model, evaluation, summary, judged, findings, stateOf, curve, methods }
})
