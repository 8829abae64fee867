import { figureOn, figuresOf, readFigure, type FigureId, type FigureValue } from '../figures'
import type { FindingsReport } from '../findings'
import { findingsOf } from '../advice'
import type { Evaluation } from '../system'
import { fillText } from '../units'

/** The answer as it leaves Remigo by command or HTTP: figures in SI, findings in sentences. */
export interface EvaluationJson {
  name: string
  speed: number
  figures: Partial<Record<FigureId, FigureValue & { label: string; quantity: string }>>
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
      return [id, { label, quantity, ...readFigure(id, e) }]
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
