import type { Project } from '../project'
import { modelOf, wiringReport } from '../system'
import { metres, squareMillimetres, volts } from '../units'
import { contactorDevice } from './bankChains'
import { cableText, device, words, type Chain, type OneLine } from './device'

/**
 * From the bus to where the drives part: the drive's contactor where one pack has none of its own, and the shunt.
 *
 * @param project the boat
 * @returns a chain, empty where nothing of it is fitted
 */
export function lineChain(project: Project): Chain {
  const { fitted } = project.design.wiring,
    report = wiringReport(modelOf(project))
  const devices = [
    ...(report.banks === 1 && fitted.contactor ? [contactorDevice(project)] : []),
    ...(fitted.shunt ? [device('shunt', 'shunt', 'Shunt', [words('in the minus,'), words('counts energy')])] : []),
  ]
  return { devices, kind: 'dc', cables: { [devices.at(-1)?.id ?? 'bus']: cableText(report.main) } }
}

/**
 * Controller and motor of each drive.
 *
 * @param project the boat
 * @returns one or two of them
 */
export function driveChains(project: Project): OneLine['drives'] {
  const { controller, motor } = project.design,
    model = modelOf(project),
    { motor: run } = wiringReport(model)
  return Array.from({ length: model.drives }, (_, i) => {
    const of = (id: string) => (i === 0 ? id : `${id}${i + 1}`),
      named = (label: string) => (model.drives === 1 ? label : `${label} ${i + 1}`)
    return {
      controller: device(
        of('controller'),
        'controller',
        named('Controller'),
        [
          words(controller.name),
          { text: '{a} to {b}', params: { a: volts(controller.leastVoltage), b: volts(controller.greatestVoltage) } },
        ],
        'motor',
        'controller',
      ),
      motor: device(of('motor'), 'motor', named('Motor'), [words(motor.name)], 'motor', 'motor'),
      phase: { text: '3 × {s}, {l}', params: { s: squareMillimetres(run.area), l: metres(run.length) } },
    }
  })
}
