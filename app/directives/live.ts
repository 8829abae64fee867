import {
  effect,
  effectScope,
  shallowRef,
  watch,
  watchEffect,
  type Directive,
  type DirectiveBinding,
  type ReactiveEffectRunner,
  type ShallowRef,
} from 'vue'
import { forget, leverMoves, whenLeverRests } from './whileLeverMoves'

/**
 * What a live binding writes: a text, the texts of the element's children (the first of them the digits), or the value
 * of an attribute or style.
 */
type Read = () => string | number | string[]
interface Live {
  read: ShallowRef<Read>
  stop: () => void
}
const lives = new WeakMap<Element, Map<string, Live>>()

/**
 * Readings that one effect follows together: some forty of them, each with an effect of its own, would take longer to
 * wake than to read.
 */
class Followed<T extends { read: ShallowRef<Read> }> {
  private readonly all = new Set<T>()
  private readonly count = shallowRef(0)
  private begun = false
  constructor(
    private readonly begin: (run: () => void) => void,
    private readonly show: (item: T) => void,
  ) {}
  add(item: T) {
    this.all.add(item)
    this.show(item)
    this.count.value++
    if (this.begun) return
    this.begun = true
    // of no component: it goes on when the first figure has gone
    effectScope(true).run(() =>
      this.begin(() => {
        void this.count.value
        for (const each of this.all) this.show(each)
      }),
    )
  }

  remove(item: T) {
    this.all.delete(item)
  }
}

/** An element's text, and where it stands: out of view it is written when the lever rests. */
interface LiveText {
  element: Element
  value: string
  inView: boolean
}
const textOf = (element: Element): LiveText => ({ element, value: '', inView: true })

const inView = new Map<Element, LiveText[]>()
let watcher: IntersectionObserver | undefined
function watchView(element: Element, all: LiveText[]) {
  inView.set(element, all)
  watcher ??= new IntersectionObserver(entries => {
    for (const { target, isIntersecting } of entries)
      for (const text of inView.get(target) ?? []) {
        text.inView = isIntersecting
        if (isIntersecting) write(text)
      }
  })
  watcher.observe(element)
}

function write(text: LiveText) {
  const { element, value } = text
  if (element.firstChild) element.firstChild.nodeValue = value
  else element.textContent = value
}
function show(text: LiveText, value: string) {
  if (text.value === value) return
  text.value = value
  if (text.inView || !leverMoves()) write(text)
  else whenLeverRests(text, () => write(text))
}

interface LiveTexts {
  read: ShallowRef<Read>
  parts: LiveText[]
}
const texts = new Followed<LiveTexts>(
  run => watchEffect(run),
  ({ read, parts }) => {
    const now = read.value()
    if (Array.isArray(now)) parts.forEach((part, i) => show(part, now[i] ?? ''))
    else show(parts[0]!, String(now))
  },
)

/** What is heard, not seen, is not even put together before the lever rests. */
const heard = new Followed<{ read: ShallowRef<Read>; element: Element; attribute: string }>(
  run => {
    let woken = false
    // once for all that changes together: a board of sixty figures would else name each of them sixty times as it is
    // built
    const runner: ReactiveEffectRunner = effect(run, {
      scheduler: () => {
        if (!woken)
          queueMicrotask(() => {
            woken = false
            whenLeverRests(runner, runner)
          })
        woken = true
      },
    })
  },
  ({ read, element, attribute }) => element.setAttribute(attribute, String(read.value())),
)

/**
 * Keeps the element at what `read` gives, as its one text, as those of its children, as a CSS transform, or as the
 * attribute named; returns how to stop.
 */
function keep(element: HTMLElement | SVGElement, target: string, read: ShallowRef<Read>): () => void {
  if (target === 'text' || target === 'texts') {
    const parts = (target === 'text' ? [element] : [...element.children]).map(textOf)
    const item = { read, parts }
    texts.add(item)
    watchView(element, parts)
    return () => {
      texts.remove(item)
      watcher?.unobserve(element)
      inView.delete(element)
      parts.forEach(forget)
    }
  }
  if (target.startsWith('aria-')) {
    const item = { read, element, attribute: target }
    heard.add(item)
    return () => heard.remove(item)
  }
  const set =
    target === 'transform'
      ? (value: string) => {
          element.style.transform = value
        }
      : (value: string) => element.setAttribute(target, value)
  return watch(() => String(read.value()), set, { immediate: true })
}

function begin(element: HTMLElement | SVGElement, binding: DirectiveBinding<Read>) {
  const target = binding.arg ?? 'text'
  const read = shallowRef(binding.value)
  if (!lives.has(element)) lives.set(element, new Map())
  lives.get(element)!.set(target, { read, stop: keep(element, target, read) })
}

/**
 * `v-live="() => text"` keeps one text, `v-live:texts="() => [a, b]"` those of its children, and `v-live:d="() =>
 * path"` one attribute (`v-live:transform` the CSS transform), at what the function gives, without rendering its
 * component again: for what moves with the lever, some fifty times a frame's worth.
 *
 * @example <span v-live="() => shown.text" />
 */
export const vLive: Directive<HTMLElement | SVGElement, Read> = {
  created: begin,
  updated: (element, binding) => {
    lives.get(element)!.get(binding.arg ?? 'text')!.read.value = binding.value
  },
  unmounted: element => {
    lives.get(element)?.forEach(live => live.stop())
    lives.delete(element)
  },
}
