import { revsPerSecond, smallMetres, volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { lowerTopSpeed, RESIZE } from '../../fixes'

/** Can the pack's volts turn the motor fast enough for the top speed wished? */
export const motorSpeed: Rule = {
  part: 'motor',
  slowerHelps: true,
  checks: 'Volts turn the motor fast enough for top',
  source: 'V = Kt ω + I R, no field weakening; greatest rpm of the nameplate',
  check(facts) {
    const {
      model: { project, pack, propulsor },
      top,
    } = facts
    const byRpm = top.drive.motorRpm / project.design.motor.greatestRpm
    const byVolts = top.drive.voltageNeeded / top.drive.packVoltage
    if (byRpm <= 1 && byVolts <= 1) return null
    const rpmLimited = byRpm > byVolts
    const series = Math.ceil(project.design.pack.series * byVolts)
    const cells = series * project.design.pack.cell.cellsInSeries * project.design.pack.chargeVoltage
    const pitch = Math.round(project.design.propeller.pitch * Math.max(byRpm, byVolts) * 1.03 * 200) / 200
    return {
      severity: 'stop',
      title: rpmLimited ? 'motor turns too fast' : 'too few volts for top',
      amount: rpmLimited
        ? {
            text: '+{rpm}',
            params: {
              rpm: revsPerSecond((top.drive.motorRpm - project.design.motor.greatestRpm) / 60),
            },
          }
        : {
            text: '{v}',
            params: { v: volts(top.drive.packVoltage - top.drive.voltageNeeded) },
          },
      sentence: rpmLimited
        ? {
            text: 'Top wants {rpm}. The motor is built for {limit}.',
            params: {
              rpm: revsPerSecond(top.drive.motorRpm / 60),
              limit: revsPerSecond(project.design.motor.greatestRpm / 60),
            },
          }
        : {
            text: 'Top wants {rpm}, for which the motor needs {need}. The pack gives {have} under load.',
            params: {
              rpm: revsPerSecond(top.drive.motorRpm / 60),
              need: volts(top.drive.voltageNeeded),
              have: volts(top.drive.packVoltage),
            },
          },
      measure: Math.max(byRpm, byVolts),
      need: rpmLimited
        ? {
            text: 'It takes a motor that turns {rpm}, a smaller reduction or a coarser pitch.',
            params: { rpm: revsPerSecond(top.drive.motorRpm / 60) },
          }
        : {
            text: 'It takes {v} under load, or a motor that turns faster on a volt.',
            params: { v: volts(top.drive.voltageNeeded) },
          },
      fixes: [
        ...(!rpmLimited &&
        !project.held.pack &&
        !project.held.voltage &&
        cells <= project.design.controller.greatestVoltage
          ? [
              {
                label: {
                  text: '{n} in series, {v}',
                  params: {
                    n: String(series),
                    v: volts((pack.nominalVoltage * series) / project.design.pack.series),
                  },
                },
                edits: [edit('design.pack.series', series)],
              },
            ]
          : []),
        ...(!project.held.propeller &&
        propulsor.kind === 'propeller' &&
        pitch / project.design.propeller.diameter <= 1.4
          ? [
              {
                label: { text: 'Pitch {p}', params: { p: smallMetres(pitch) } },
                edits: [edit('design.propeller.pitch', pitch)],
              },
            ]
          : []),
        ...lowerTopSpeed(facts),
        RESIZE,
      ],
    }
  },
}
