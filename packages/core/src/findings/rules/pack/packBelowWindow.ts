import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { restVoltage } from '../../../battery'
import type { Rule } from '../../finding'
import { lowerTopSpeed, otherController } from '../../fixes'

/** The nearly empty pack, loaded at top speed, against the lower end of the controller. */
export const packBelowWindow: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'Nearly empty pack, loaded, stays above the controller’s cut-off',
  source: 'Voltage window of the nameplate; sag V0 − I R at a tenth of the charge',
  check(facts) {
    const {
      model: { pack, project },
      top,
    } = facts
    const least = Math.max(project.design.controller.leastVoltage, project.design.motor.leastVoltage)
    const loaded = restVoltage(project.design.pack, 0.1) - top.drive.packCurrent * pack.resistance
    if (loaded >= least) return null
    const more = Math.ceil((project.design.pack.series * least) / loaded)
    const fits =
      more * project.design.pack.cell.cellsInSeries * project.design.pack.chargeVoltage <=
      project.design.controller.greatestVoltage
    return {
      severity: loaded < 0.92 * least ? 'stop' : 'caution',
      title: 'low pack and controller',
      amount: { text: '{v}', params: { v: volts(loaded - least) } },
      sentence: {
        text: 'Nearly empty and at top speed the pack sags to {v}. The drive cuts out at {least}.',
        params: { v: volts(loaded), least: volts(least) },
      },
      measure: least - loaded,
      also: [least === project.design.controller.leastVoltage ? 'controller' : 'motor'],
      need: {
        text:
          'Under load the pack must keep {v}: more cells in series, or a motor and controller that work ' +
          'from {now}.',
        params: { v: volts(least), now: volts(loaded) },
      },
      fixes: [
        ...(!project.held.pack && !project.held.voltage && fits
          ? [
              {
                label: { text: '{n} in series', params: { n: String(more) } },
                edits: [edit('design.pack.series', more)],
              },
            ]
          : []),
        ...(!project.held.pack
          ? [
              {
                label: { text: 'Pack of {n} in parallel', params: { n: String(project.design.pack.parallel + 1) } },
                edits: [edit('design.pack.parallel', project.design.pack.parallel + 1)],
              },
            ]
          : []),
        ...otherController(facts, {
          batteryCurrent: facts.cruise.drive.controllerCurrent,
          phaseCurrent: facts.cruise.drive.phaseCurrent,
        }),
        ...lowerTopSpeed(facts),
      ],
    }
  },
}
