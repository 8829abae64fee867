import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { stringFaults, stringVoltage, suitPanels, type SolarArray } from '../../../solar'
import type { Rule } from '../../finding'

/** A string of panels against the charge controller and the pack. */
export const panelVolts: Rule = {
  part: 'pack',
  checks: 'Panels’ volts suit the charge controller, cold and hot',
  source: 'Open volts on the coldest morning; best volts of hot cells',
  check({
    library,
    sunFaults,
    model: {
      pack,
      project: {
        design: { solar },
      },
    },
  }) {
    const [fault] = sunFaults
    if (!fault) return null
    const { cold, hot } = stringVoltage(solar),
      over = fault === 'above controller',
      way = suitPanels(solar, pack.fullVoltage, library.chargeControllers)
    const params = {
      c: volts(cold),
      h: volts(hot),
      f: volts(pack.fullVoltage),
      g: volts(solar.controller?.greatestPanelVoltage ?? 0),
    }
    const SENTENCES = {
      'above controller':
        'On the coldest morning the string stands at {c}; the charge controller stands {g}. It would not survive.',
      'below pack': 'Hot panels work at {h}; to fill a pack of {f} they must stand above it. It would never be full.',
      'above pack': 'A controller that lifts volts passes {c} straight into a pack of {f}.',
      'controller of other volts': 'The charge controller is not made for a pack of {f}.',
    } as const
    return {
      severity: over || fault === 'above pack' ? 'stop' : 'caution',
      title: 'panels’ volts',
      amount: { text: fault },
      sentence: { text: SENTENCES[fault], params },
      caution:
        over || fault === 'above pack'
          ? 'Panels cannot be switched off by day. Cover them before you touch their leads. Local code first; a ' +
            'licensed electrician checks it.'
          : undefined,
      need: {
        text:
          'It takes a charge controller for a pack of {f} that stands {c} and works from {h}, or another count ' +
          'of these panels.',
        params,
      },
      fixes: [
        ...(over
          ? shorterStrings(solar, pack.fullVoltage).map(({ series, parallel }) => ({
              label: {
                text: '{n} in a string, {p} strings: all {a} stay',
                params: { n: String(series), p: String(parallel), a: String(series * parallel) },
              },
              edits: [edit('design.solar.series', series), edit('design.solar.parallel', parallel)],
            }))
          : []),
        ...(way
          ? [
              {
                label: { text: '{n} in a string, {c}', params: { n: String(way.series), c: way.controller.name } },
                edits: [
                  edit('design.solar.series', way.series),
                  edit('design.solar.parallel', way.parallel),
                  edit('design.solar.controller', way.controller),
                ],
              },
            ]
          : []),
      ],
    }
  },
}

/**
 * The longest shorter strings in which all panels stay and that suit controller and pack; none where there are none.
 */
function shorterStrings(solar: SolarArray, fullVoltage: number): { series: number; parallel: number }[] {
  const all = solar.series * solar.parallel
  for (let series = solar.series - 1; series >= 1; series--) {
    const parallel = all / series
    if (Number.isInteger(parallel) && stringFaults({ ...solar, series, parallel }, fullVoltage).length === 0)
      return [{ series, parallel }]
  }
  return []
}
