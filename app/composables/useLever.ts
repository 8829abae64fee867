import { computed } from 'vue'
import { chosenUnit, fromUnit, quantityText, toUnit, UNITS } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { leverMoved } from '~/directives/whileLeverMoves'

/** A speed that the lever marks. */
export interface LeverMark {
  key: 'cruise' | 'top' | 'hull'
  label: string
  speed: number
}

/** The speed lever: its value, scale and marks, and what keys, wheel and drag do to it. */
export function useLever() {
  const view = useViewStore()
  const document = useDocumentStore()
  const answer = useAnswerStore()
  const unit = computed(() => chosenUnit('speed', view.choice))
  const most = computed(() => answer.greatestSpeed)
  const speed = computed(() => Math.min(view.speed, most.value))
  const shown = computed(() => toUnit(speed.value, unit.value).toFixed(1))
  const mostShown = computed(() => Number(toUnit(most.value, unit.value).toFixed(1)))
  const symbol = computed(() => UNITS[unit.value].symbol)
  const marks = computed<LeverMark[]>(() => {
    const { use } = document.shown
    const own: LeverMark[] = [
      { key: 'cruise', label: boardWords.lever.cruise, speed: use.cruiseSpeed },
      { key: 'top', label: boardWords.lever.top, speed: use.topSpeed },
      // a hull that planes, or a slender pair, is not held by her own wave
      ...(answer.model.hullType.waveBound
        ? [{ key: 'hull' as const, label: boardWords.lever.hull, speed: answer.summary.hullSpeed }]
        : []),
    ]
    return own.filter(mark => mark.speed <= most.value)
  })
  const valueText = computed(() =>
    boardWords.lever.value(
      quantityText(speed.value, 'speed', view.choice),
      quantityText(answer.evaluation.point.drive.packPower, 'electricPower', view.choice),
    ),
  )

  function set(value: number) {
    leverMoved()
    view.speed = Math.min(most.value, Math.max(0, value))
  }
  /** by a number of tenths of the owner's unit, onto whole tenths */
  function step(tenths: number) {
    const next = Math.round(toUnit(speed.value, unit.value) * 10 + tenths) / 10
    set(fromUnit(next, unit.value))
  }
  /** while dragging: sticks lightly at the marks */
  function drag(value: number, reach: number) {
    const near = marks.value.find(mark => Math.abs(mark.speed - value) < reach)
    set(near ? near.speed : fromUnit(Math.round(toUnit(value, unit.value) * 20) / 20, unit.value))
  }
  const KEYS: Record<string, () => void> = {
    ArrowUp: () => step(1),
    ArrowRight: () => step(1),
    ArrowDown: () => step(-1),
    ArrowLeft: () => step(-1),
    PageUp: () => step(10),
    PageDown: () => step(-10),
    Home: () => set(document.shown.use.cruiseSpeed),
    End: () => set(document.shown.use.topSpeed),
  }
  function key(event: KeyboardEvent) {
    const act = KEYS[event.key]
    if (!act || event.ctrlKey || event.metaKey || event.altKey) return
    event.preventDefault()
    act()
  }
  function wheel(event: WheelEvent) {
    event.preventDefault()
    step(event.deltaY < 0 ? 1 : -1)
  }
  /** whole numbers of the owner's unit along the scale */
  const ticks = computed(() => {
    const end = toUnit(most.value, unit.value),
      stride = end > 16 ? 2 : 1
    return Array.from({ length: Math.floor(end / stride) + 1 }, (_, i) => ({
      label: String(i * stride),
      speed: fromUnit(i * stride, unit.value),
    }))
  })
  return { symbol, most, mostShown, speed, shown, marks, ticks, valueText, set, step, drag, key, wheel }
}
