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
    const hidden = (e: Element): boolean => {
      if (!e.checkVisibility({ opacityProperty: true, visibilityProperty: true })) return true
      for (let at: Element | null = e; at; at = at.parentElement) {
        const s = styleOf(at)
        if (
          s.display === 'none' ||
          s.visibility === 'hidden' ||
          s.opacity === '0' ||
          at.classList.contains('visually-hidden') ||
          at.classList.contains('skip') ||
          s.clipPath.startsWith('inset(50%')
        )
          return true
      }
      return false
    }
    const scrolls = (e: Element) => /auto|scroll/.test(styleOf(e).overflowY + styleOf(e).overflowX)
    const clips = (e: Element) =>
      /hidden|clip/.test(styleOf(e).overflowX) || (e instanceof SVGSVGElement && styleOf(e).overflowX !== 'visible')
    const above = (e: Element, test: (at: Element) => boolean): Element | null => {
      for (let at = e.parentElement; at; at = at.parentElement) if (test(at)) return at
      return null
    }
    const words: Word[] = []
    const walker = document.createTreeWalker(document.querySelector('.board')!, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const owner = node.parentElement!
      if (!node.nodeValue?.trim() || /^(script|style|title|option)$/i.test(owner.tagName) || hidden(owner)) continue
      const range = document.createRange()
      range.selectNodeContents(node)
      for (const box of range.getClientRects()) {
        if (box.width < 2 || box.height < 4) continue
        words.push({ text: short(node.nodeValue), box, owner, scroller: above(owner, scrolls) ?? document.body })
      }
    }
    // text over text, within one panel; what lies over its scale on its own ground, such as the lever's handle, does
    // not count
    const covers = (word: Word) => word.owner.closest('[data-covers]') !== null
    const OVER = 2.5
    for (const [i, a] of words.entries()) {
      for (const b of words.slice(0, i)) {
        if (covers(a) || covers(b)) continue
        if (a.scroller !== b.scroller || a.owner === b.owner || a.owner.contains(b.owner) || b.owner.contains(a.owner))
          continue
        const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left),
          high = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top)
        // lines of a paragraph touch by their leading
        if (wide > OVER && high > Math.max(OVER, 0.3 * Math.min(a.box.height, b.box.height)))
          faults.add(`“${a.text}” on “${b.text}”`)
      }
      // cut by a box that shows no more of it
      const box = above(a.owner, clips)
      if (!box || box.tagName === 'HTML' || box.tagName === 'BODY') continue
      const edge = box.getBoundingClientRect()
      if (scrolls(box) || edge.width < 3) continue
      const between = above(a.owner, e => scrolls(e) || e === box)
      if (between !== box) continue
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
      const s = styleOf(e)
      if (
        s.textOverflow === 'ellipsis' &&
        e.scrollWidth > e.clientWidth + 1 &&
        !hidden(e) &&
        !e.hasAttribute('data-may-be-cut')
      )
        faults.add(`“${short(e.textContent ?? '')}” ends in dots`)
      if (
        /auto|scroll/.test(s.overflowX) &&
        e.scrollWidth > e.clientWidth + 1 &&
        !e.classList.contains('tabs') &&
        !hidden(e)
      )
        faults.add(
          `${e.tagName.toLowerCase()}.${[...e.classList].join('.')} scrolls sideways by ` +
            `${e.scrollWidth - e.clientWidth}`,
        )
    }
    if (document.documentElement.scrollWidth > innerWidth) faults.add('the page scrolls sideways')
    return [...faults]
  })
}
