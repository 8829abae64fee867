import { computed, watch, type Ref } from 'vue'
import { DAY_LEG, edit, usualOf, type Leg } from '@remigo/core'
import { dayWords as words } from '~/messages/day'
import { useQuantities } from '~/composables/useQuantities'
import { useRestingSpeed } from '~/composables/useRestingSpeed'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'

/** The legs of the day as they are added, moved and changed; the lever sets the speed of the chosen one. */
export function useDayLegs(chosen: Ref<number>) {
  const document = useDocumentStore(),
    view = useViewStore()
  const { text } = useQuantities()
  const day = computed(() => document.shown.day)
  const legs = computed(() => day.value.legs)

  const put = (label: string, next: Leg[], visit?: symbol) => document.edit(label, [edit('day.legs', next)], visit)
  const fresh = (of: Partial<Leg> = {}): Leg => ({
    ...usualOf(DAY_LEG.fields),
    speed: document.shown.use.cruiseSpeed,
    stream: day.value.streams.length > 0 ? 1 : 0,
    ...of,
  })
  function add(of: Partial<Leg> = {}) {
    if (put(words.addLeg, [...legs.value, fresh(of)])) choose(legs.value.length - 1)
  }
  const change = (i: number, change: Partial<Leg>) =>
    put(
      words.editLeg(i + 1),
      legs.value.map((l, k) => (k === i ? { ...l, ...change } : l)),
    )
  function remove(i: number) {
    put(
      words.remove,
      legs.value.filter((_, k) => k !== i),
    )
    chosen.value = Math.min(i, legs.value.length - 1)
  }
  function duplicate(i: number) {
    const next = [...legs.value]
    next.splice(i + 1, 0, { ...legs.value[i]! })
    if (put(words.duplicate, next)) chosen.value = i + 1
  }
  function move(from: number, to: number) {
    if (to < 0 || to >= legs.value.length) return
    const next = [...legs.value]
    next.splice(to, 0, ...next.splice(from, 1))
    put(words.editLeg(from + 1), next)
    chosen.value = to
  }
  /** the way so far, the other way round */
  function back() {
    const homeward = [...legs.value]
      .reverse()
      .filter(l => l.does === 'goes')
      .map((l, i, all) => ({
        ...l,
        course: (l.course + Math.PI) % (2 * Math.PI),
        // to where the leg before it had come
        to: all[i + 1]?.to ?? day.value.berth,
        sailing: 0,
        regenerates: false,
      }))
    put(words.back, [...legs.value, ...homeward])
  }

  // the lever sets the speed of the leg that is chosen
  let visit = Symbol('leg speed')
  function choose(i: number) {
    chosen.value = i
    visit = Symbol('leg speed')
    const l = legs.value[i]
    if (l?.does === 'goes' && l.by !== 'power') view.speed = l.speed
  }
  const resting = useRestingSpeed()
  watch(resting, speed => {
    const l = legs.value[chosen.value]
    if (!l || l.does !== 'goes' || (l.by !== 'water' && l.by !== 'ground') || Math.abs(l.speed - speed) < 1e-3) return
    document.edit(
      words.setSpeed(chosen.value + 1, text(speed, 'speed')),
      [
        edit(
          'day.legs',
          legs.value.map((one, k) => (k === chosen.value ? { ...one, speed } : one)),
        ),
      ],
      visit,
    )
  })
  return { add, back, change, choose, duplicate, move, remove }
}
