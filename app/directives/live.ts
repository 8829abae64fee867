import { shallowRef, watch, type Directive, type DirectiveBinding, type ShallowRef } from 'vue'

/** What a live binding writes: a text, or the value of an attribute or style. */
type Read = () => string | number
interface Live { read: ShallowRef<Read>, stop: () => void }
const lives = new WeakMap<Element, Map<string, Live>>()

/** How a value reaches the element: as its one text node, as a CSS transform, or as the attribute named. */
function writer(element: HTMLElement | SVGElement, target: string): (value: string) => void {
  if (target === 'text') {
    const node = element.appendChild(document.createTextNode(''))
    return (value) => { node.nodeValue = value }
  }
  if (target === 'transform') return (value) => { element.style.transform = value }
  return value => element.setAttribute(target, value)
}

function begin(element: HTMLElement | SVGElement, binding: DirectiveBinding<Read>) {
  const target = binding.arg ?? 'text'
  const read = shallowRef(binding.value)
  const write = writer(element, target)
  const stop = watch(() => String(read.value()), write, { immediate: true })
  if (!lives.has(element)) lives.set(element, new Map())
  lives.get(element)!.set(target, { read, stop })
}

/**
 * `v-live="() => text"` keeps one text, and `v-live:d="() => path"` one attribute (`v-live:transform` the CSS transform), at what the function gives,
 * without rendering its component again: for what moves with the lever, some fifty times a frame's worth.
 *
 * @example <span v-live="() => shown.text" />
 */
export const vLive: Directive<HTMLElement | SVGElement, Read> = {
  created: begin,
  updated: (element, binding) => { lives.get(element)!.get(binding.arg ?? 'text')!.read.value = binding.value },
  unmounted: (element) => {
    lives.get(element)?.forEach(live => live.stop())
    lives.delete(element)
  },
}
