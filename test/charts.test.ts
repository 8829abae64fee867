import { describe, expect, it } from 'vitest'
import { chartScales, panelDomains, saysOf } from '~/components/chart/chartScales'
import { layoutOf, tracesOf } from '~/components/chart/plotFigure'
import type { ChartDrawing } from '~/components/chart/chartTypes'
import type { Tokens } from '~/composables/useTokens'

const tokens = new Proxy({}, { get: (_, name) => `#${String(name)}` }) as Tokens
const room = { width: 600, height: 400, left: 40, right: 20, top: 10, bottom: 50 }
const chart: ChartDrawing = {
  x: { title: 'Speed', unit: 'kn', from: 0, to: 10 },
  y: { title: 'Power', unit: 'kW', from: 0, to: 8 },
  curves: [{ name: 'power', x: [0, 5, 10], y: [0, 2, null] }],
}
interface Laid {
  xaxis: { range: number[]; tickvals?: number[] }
  annotations: { text: string }[]
}

describe('the scales of a chart', () => {
  it('put the ends of the axes on the edges of its field', () => {
    const { px, py, xOf } = chartScales(chart, room)
    expect([px(0), px(10)]).toEqual([40, 580])
    expect([py(0), py(8)]).toEqual([350, 10])
    expect(xOf(px(3.7))).toBeCloseTo(3.7, 9)
  })
  it('follow a zoom along x', () => {
    const { px } = chartScales(chart, room, [4, 6])
    expect([px(4), px(6)]).toEqual([40, 580])
  })
  it('are even in decades where the axis is', () => {
    const { py } = chartScales({ ...chart, y: { ...chart.y, log: true, from: 0.1, to: 10 } }, room)
    expect(py(1)).toBeCloseTo((py(0.1) + py(10)) / 2, 9)
    expect(py(0.001)).toBe(py(0.1))
  })
  it('leave the foot to the panels, the last of them lowest', () => {
    const panel = { title: '', from: 0, to: 1, share: 0.2 },
      domains = panelDomains({ panels: [panel, { ...panel, share: 0.1 }] })
    expect(domains[2]).toEqual([0, 0.1])
    expect(domains[1]![0]).toBeCloseTo(0.16, 9)
    expect(domains[0]![0]).toBeCloseTo(0.42, 9)
  })
})

describe('what is told at a place', () => {
  it('has its unit and no raw decimals', () => {
    expect(saysOf(chart.y, 6.0437)).toBe('6.04\u00A0kW')
    expect(saysOf(chart.y, 0.0312)).toBe('0.031\u00A0kW')
    expect(saysOf({ ...chart.x, says: v => `${Math.round(v)} by the log` }, 4.6)).toBe('5 by the log')
  })
})

describe('what Plotly is given', () => {
  it('draws a band below its curve, and nothing that is hidden', () => {
    const band = { low: [0, 1, 2], high: [1, 3, 5] }
    const drawn = tracesOf(
      {
        ...chart,
        curves: [
          { ...chart.curves[0]!, band },
          { ...chart.curves[0]!, hidden: true },
        ],
      },
      tokens,
    )
    expect(drawn).toHaveLength(3)
    expect(drawn.at(-1)).toMatchObject({ name: 'power' })
  })
  it('tells nothing by itself: the box is ours', () => {
    for (const trace of tracesOf(chart, tokens)) expect(trace).toMatchObject({ hoverinfo: 'none', showlegend: false })
  })
  it('thins marks that have no room beside each other', () => {
    const ticks = Array.from({ length: 24 }, (_, at) => ({ at, word: `${at}:00` }))
    const layout = (width: number) =>
      layoutOf({ ...chart, x: { ...chart.x, to: 24, ticks } }, tokens, { ...room, width }, null) as unknown as Laid
    expect(layout(2000).xaxis.tickvals).toHaveLength(24)
    const few = layout(360).xaxis.tickvals!
    expect(few.length).toBeLessThan(8)
    expect(few[0]).toBe(0)
  })
  it('names no line that lies outside the zoom', () => {
    const upright = [{ at: 2, label: 'hull speed' }]
    const named = (zoom: [number, number] | null) =>
      (layoutOf({ ...chart, upright }, tokens, room, zoom) as unknown as Laid).annotations.map(a => a.text)
    expect(named(null)).toContain('hull speed')
    expect(named([5, 9])).not.toContain('hull speed')
  })
})
