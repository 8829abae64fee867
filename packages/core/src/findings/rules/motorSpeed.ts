import { edit } from '../../project/projectPath'
import type { Rule } from '../finding'
import { lowerTopSpeed, RESIZE } from '../fixes'

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
              rpm: { value: (top.drive.motorRpm - project.design.motor.greatestRpm) / 60, quantity: 'rotation' },
            },
          }
        : {
            text: '{v}',
            params: { v: { value: top.drive.packVoltage - top.drive.voltageNeeded, quantity: 'voltage' } },
          },
      sentence: rpmLimited
        ? {
            text: 'Top wants {rpm}. The motor is built for {limit}.',
            params: {
              rpm: { value: top.drive.motorRpm / 60, quantity: 'rotation' },
              limit: { value: project.design.motor.greatestRpm / 60, quantity: 'rotation' },
            },
          }
        : {
            text: 'Top wants {rpm}, for which the motor needs {need}. The pack gives {have} under load.',
            params: {
              rpm: { value: top.drive.motorRpm / 60, quantity: 'rotation' },
              need: { value: top.drive.voltageNeeded, quantity: 'voltage' },
              have: { value: top.drive.packVoltage, quantity: 'voltage' },
            },
          },
      measure: Math.max(byRpm, byVolts),
      need: rpmLimited
        ? {
            text: 'It takes a motor that turns {rpm}, a smaller reduction or a coarser pitch.',
            params: { rpm: { value: top.drive.motorRpm / 60, quantity: 'rotation' } },
          }
        : {
            text: 'It takes {v} under load, or a motor that turns faster on a volt.',
            params: { v: { value: top.drive.voltageNeeded, quantity: 'voltage' } },
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
                    v: {
                      value: (pack.nominalVoltage * series) / project.design.pack.series,
                      quantity: 'voltage' as const,
                    },
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
                label: { text: 'Pitch {p}', params: { p: { value: pitch, quantity: 'smallLength' as const } } },
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
