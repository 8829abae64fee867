import { download } from '~/files/download'

/** What a drawing takes from the page's style, written into the file since it leaves that style behind. */
const STYLE = ['fill', 'stroke', 'stroke-width', 'stroke-dasharray', 'paint-order', 'font', 'color']

/**
 * A drawing of the page as an SVG file.
 *
 * @param svg what is drawn
 * @param name of the file, without its ending
 */
export function downloadDrawing(svg: SVGSVGElement, name: string) {
  const copy = svg.cloneNode(true) as SVGSVGElement
  const from = [svg, ...svg.querySelectorAll('*')],
    to = [copy, ...copy.querySelectorAll('*')]
  from.forEach((element, i) => {
    const style = getComputedStyle(element)
    for (const key of STYLE) (to[i] as SVGElement).style.setProperty(key, style.getPropertyValue(key))
  })
  copy.removeAttribute('style')
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  download(`${name}.svg`, new XMLSerializer().serializeToString(copy), 'image/svg+xml')
}
