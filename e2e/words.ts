import type { Page } from '@playwright/test'

/**
 * What is wrong with the words of a view, as a reader would see it: text over text, words cut off by their box, and
 * anything that scrolls sideways.
 * What lies further down in a scrolled panel counts too.
 */
export function wordFaults(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    interface Word {
      text: string
      box: DOMRect
      owner: Element
      scroller: Element
    }
    const faults = new Set<string>()
    const short = (text: string) => text.trim().replace(/\s+/g, ' ').slice(0, 40)
    const styleOf = (e: Element) => getComputedStyle(e)
    /** Asks once of each element: most answers are wanted again for all that stands in it. */
    const once = <T>(ask: (e: Element) => T) => {
      const known = new Map<Element, T>()
      return (e: Element): T => {
        if (!known.has(e)) known.set(e, ask(e))
        return known.get(e)!
      }
    }
    const concealed = once((e: Element): boolean => {
      const s = styleOf(e)
      return (
        e.classList.contains('visually-hidden') ||
        e.classList.contains('skip') ||
        s.clipPath.startsWith('inset(50%') ||
        (e.parentElement !== null && concealed(e.parentElement))
      )
    })
    const hidden = once(
      (e: Element) => !e.checkVisibility({ opacityProperty: true, visibilityProperty: true }) || concealed(e),
    )
    const scrolls = once((e: Element) => /auto|scroll/.test(styleOf(e).overflowY + styleOf(e).overflowX))
    const clips = once((e: Element) => {
      const { overflowX } = styleOf(e)
      return /hidden|clip/.test(overflowX) || (e instanceof SVGSVGElement && overflowX !== 'visible')
    })
    /** The nearest element above that passes. */
    const nearest = (test: (at: Element) => boolean) => {
      const above = once((e: Element): Element | null => {
        const up = e.parentElement
        return up === null || test(up) ? up : above(up)
      })
      return above
    }
    const scrollerOf = nearest(scrolls),
      clipperOf = nearest(clips),
      coverOf = once((e: Element) => e.closest('[data-covers]') !== null)
    const words: Word[] = []
    const walker = document.createTreeWalker(document.querySelector('.board')!, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const owner = node.parentElement!
      if (!node.nodeValue?.trim() || /^(script|style|title|option)$/i.test(owner.tagName) || hidden(owner)) continue
      const range = document.createRange()
      range.selectNodeContents(node)
      for (const box of range.getClientRects()) {
        if (box.width < 2 || box.height < 4) continue
        words.push({ text: short(node.nodeValue), box, owner, scroller: scrollerOf(owner) ?? document.body })
      }
    }
    // text over text, within one panel; what lies over its scale on its own ground, such as the lever's handle, does
    // not count. From above down, so that a word is held only against those that begin before it ends
    const OVER = 2.5
    words.sort((a, b) => a.box.top - b.box.top)
    for (const [i, a] of words.entries()) {
      for (let k = i + 1; k < words.length && words[k]!.box.top < a.box.bottom - OVER; k++) {
        const b = words[k]!
        // lines of a paragraph touch by their leading
        const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left),
          high = Math.min(a.box.bottom, b.box.bottom) - b.box.top
        if (wide <= OVER || high <= Math.max(OVER, 0.3 * Math.min(a.box.height, b.box.height))) continue
        if (a.scroller !== b.scroller || coverOf(a.owner) || coverOf(b.owner)) continue
        if (a.owner.contains(b.owner) || b.owner.contains(a.owner)) continue
        faults.add(`“${b.text}” on “${a.text}”`)
      }
      // cut by a box that shows no more of it
      const box = clipperOf(a.owner)
      if (!box || box.tagName === 'HTML' || box.tagName === 'BODY' || scrolls(box)) continue
      const edge = box.getBoundingClientRect()
      if (edge.width < 3) continue
      const scroller = scrollerOf(a.owner)
      // a panel that scrolls within the box shows the rest
      if (scroller && box.contains(scroller)) continue
      if (a.box.left < edge.left - 1.5 || a.box.right > edge.right + 1.5) faults.add(`“${a.text}” is cut by its box`)
      if (box instanceof SVGSVGElement && (a.box.top < edge.top - 3 || a.box.bottom > edge.bottom + 3))
        faults.add(`“${a.text}” is cut at the edge of its drawing`)
    }
    // fields whose text is longer than they are
    for (const field of document.querySelectorAll<HTMLInputElement>(
      '.board input:not([type=radio]):not([type=checkbox]):not([type=file])',
    )) {
      if (!hidden(field) && field.scrollWidth > field.clientWidth + 2)
        faults.add(`field “${short(field.value || field.placeholder)}” is cut`)
    }
    for (const e of document.querySelectorAll('.board *')) {
      if (e.scrollWidth <= e.clientWidth + 1 || hidden(e)) continue
      const s = styleOf(e)
      if (s.textOverflow === 'ellipsis' && !e.hasAttribute('data-may-be-cut'))
        faults.add(`“${short(e.textContent ?? '')}” ends in dots`)
      if (/auto|scroll/.test(s.overflowX) && !e.classList.contains('tabs'))
        faults.add(
          `${e.tagName.toLowerCase()}.${[...e.classList].join('.')} scrolls sideways by ` +
            `${e.scrollWidth - e.clientWidth}`,
        )
    }
    if (document.documentElement.scrollWidth > innerWidth) faults.add('the page scrolls sideways')
    return [...faults]
  })
}
