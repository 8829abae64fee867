import { figureOn, figuresOf, readFigure, type FigureId } from '../figures'
import type { FindingsReport } from '../findings'
import { findingsOf } from '../advice'
import type { Evaluation } from '../system'
import { chosenUnit, fillText, METRIC_UNITS, toUnit, UNITS } from '../units'

/** A number and the ends of its band; JSON knows no number without end: null stands for "for ever". */
interface JsonBand {
  value: number | null
  low?: number | null
  high?: number | null
}
/** A figure: as a person reads it, in the unit that is named; and in SI, as before, for one version more. */
export interface JsonFigure extends JsonBand {
  label: string
  quantity: string
  /** metric and nautical: rpm, kn, kW, °C */
  shown: JsonBand & { unit: string }
}

/** The answer as it leaves Remigo by command or HTTP: figures with their units, findings in sentences. */
export interface EvaluationJson {
  name: string
  /** m/s */
  speed: number
  figures: Partial<Record<FigureId, JsonFigure>>
  /** resistance in N */
  methods: { id: string; resistance: number; holds: boolean }[]
  limits: { holds: string; tightest: { name: string; share: number } }
  counts: FindingsReport['counts']
  findings: {
    rule: string
    severity: string
    part: string
    title: string
    amount: string
    sentence: string
    caution?: string
    fixes: string[]
  }[]
}

const kept = (value: number) => (Number.isFinite(value) ? value : null)

/**
 * An evaluation as plain data for other programs.
 *
 * @param e the evaluation
 * @returns figures in metric and nautical units and in SI, findings in sentences with metric units
 */
export function evaluationJson(e: Evaluation): EvaluationJson {
  const { counts, findings } = findingsOf(e)
  const figures = Object.fromEntries(
    figuresOf(e).map(id => {
      const { label, quantity } = figureOn(id, e.model.project)
      const { value, low, high } = readFigure(id, e)
      const unit = chosenUnit(quantity, METRIC_UNITS)
      const band = (as: (si: number) => number): JsonBand => ({
        value: kept(as(value)),
        ...(low === undefined || high === undefined ? {} : { low: kept(as(low)), high: kept(as(high)) }),
      })
      const shown = { unit: UNITS[unit].symbol, ...band(si => toUnit(si, unit)) }
      return [id, { label, quantity, shown, ...band(si => si) }]
    }),
  )
  return {
    name: e.model.project.name,
    speed: e.point.speed,
    figures: figures as EvaluationJson['figures'],
    methods: e.point.resistance.methods.map(m => ({ id: m.id, resistance: m.value, holds: m.holds })),
    limits: { holds: e.point.holds, tightest: e.point.tightest },
    counts,
    findings: findings.map(f => ({
      rule: f.rule,
      severity: f.severity,
      part: f.part,
      title: f.title,
      amount: fillText(f.amount),
      sentence: fillText(f.sentence),
      ...(f.caution ? { caution: f.caution } : {}),
      fixes: f.fixes.map(x => fillText(x.label)),
    })),
  }
}
