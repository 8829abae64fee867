import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { otherController } from '../../fixes'

/** The full pack against the upper end of controller and motor. */
export const packAboveWindow: Rule = {
  part: 'pack',
  checks: 'Full pack stays below what controller and motor stand',
  source: 'Voltage windows of the nameplates',
  check(facts) {
    const {
      model: { pack, project },
    } = facts
    const { controller, motor, pack: spec } = project.design
    const limit = Math.min(controller.greatestVoltage, motor.greatestVoltage)
    const over = pack.fullVoltage - limit
    if (over <= 0) return null
    const perCell = Math.floor((limit / pack.cellsInSeries) * 100) / 100
    const fewer = Math.floor(limit / (spec.chargeVoltage * spec.cell.cellsInSeries))
    return {
      severity: 'stop',
      title: limit === controller.greatestVoltage ? 'pack and controller' : 'pack and motor',
      amount: { text: '+{over}', params: { over: volts(over) } },
      sentence: {
        text: 'A full pack reaches {full}. The {part} stands {limit}.',
        params: {
          full: volts(pack.fullVoltage),
          limit: volts(limit),
          part: limit === controller.greatestVoltage ? 'controller' : 'motor',
        },
      },
      measure: over,
      // it is as much the controller’s as the pack’s: every bench says the same of both
      also: [limit === controller.greatestVoltage ? 'controller' : 'motor'],
      need: {
        text: 'It takes a {part} that stands {full}, or a pack of fewer cells in series.',
        params: {
          part: limit === controller.greatestVoltage ? 'controller' : 'motor',
          full: volts(pack.fullVoltage),
        },
      },
      fixes: [
        ...(perCell > 0.94 * spec.chargeVoltage
          ? [
              {
                label: {
                  text: 'Charge to {v}',
                  params: { v: volts(perCell * pack.cellsInSeries) },
                },
                edits: [edit('design.pack.chargeVoltage', perCell)],
              },
            ]
          : []),
        ...(!project.held.pack && !project.held.voltage && fewer > 0
          ? [
              {
                label: { text: '{n} in series', params: { n: String(fewer) } },
                edits: [edit('design.pack.series', fewer)],
              },
            ]
          : []),
        ...otherController(facts, {
          batteryCurrent: facts.cruise.drive.controllerCurrent,
          phaseCurrent: facts.cruise.drive.phaseCurrent,
        }),
      ],
    }
  },
}
