import { figureOn, figuresOf, readFigure, type FigureId } from '../figures'
import type { FindingsReport } from '../findings'
import { findingsOf } from '../advice'
import type { Evaluation } from '../system'
import { fillText } from '../units'

/** A figure in SI; JSON knows no number without end: null stands for "for ever". */
export interface JsonFigure {
  label: string
  quantity: string
  value: number | null
  low?: number | null
  high?: number | null
}

/** The answer as it leaves Remigo by command or HTTP: figures in SI, findings in sentences. */
export interface EvaluationJson {
  name: string
  speed: number
  figures: Partial<Record<FigureId, JsonFigure>>
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
 * @returns figures in SI, findings in sentences with metric units
 */
export function evaluationJson(e: Evaluation): EvaluationJson {
  const { counts, findings } = findingsOf(e)
  const figures = Object.fromEntries(
    figuresOf(e).map(id => {
      const { label, quantity } = figureOn(id, e.model.project)
      const { value, low, high } = readFigure(id, e)
      const ends = low === undefined || high === undefined ? {} : { low: kept(low), high: kept(high) }
      return [id, { label, quantity, value: kept(value), ...ends }]
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
