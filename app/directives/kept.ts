import type { Directive } from 'vue'

/**
 * What a plain field shows: the kept value, unless the hand is in it. With `:value` Vue would write the kept value over
 * what is being typed whenever anything else on the bench changes.
 */
export const vKept: Directive<HTMLInputElement | HTMLTextAreaElement, string> = {
  mounted(el, { value }) {
    el.value = value
  },
  updated(el, { value, oldValue }) {
    if (value !== oldValue || el.ownerDocument.activeElement !== el) el.value = value
  },
  getSSRProps: ({ value }) => ({ value }),
}
