import { FREEZING } from '../../constants'
import { CELL_LIMITS } from '../cellVolts'
import type { PowerStep } from '../powerStep'
import { those, ticked, type PowerContext } from './context'

/** K by which a joint may be warmer than its neighbour: loose, and stop (common practice). */
const LOOSE = 10,
  RISE_STOP = 30
/** Hottest that a controller and a motor's case may be after the first quarter of an hour, K (common practice). */
const CASE = FREEZING + 70,
  CONTROLLER = FREEZING + 65

/** The water takes the power. */
export function atTheQuay({ most, lead, high, model }: PowerContext): PowerStep[] {
  const { fitted } = model.project.design.wiring
  return those(
    ticked(
      'quay',
      'lines',
      'Four lines out, wind below 10 kn, nobody near the stern',
      'seen',
      'She pulls with all her thrust.',
    ),
    {
      id: 'quayAmps',
      group: 'quay',
      title: 'Battery amps at the most that she takes here',
      by: 'display, half a minute',
      quantity: 'current',
      low: 0,
      high: most,
      why: 'the least of BMS, pack, controller and fuse',
      look: 'Lower the limit; the propeller may be too large.',
    },
    {
      id: 'motorWarm',
      group: 'quay',
      title: 'Motor after fifteen minutes at cruise power',
      by: 'infrared on its case',
      quantity: 'temperature',
      low: null,
      high: CASE,
      why: 'a case of 70 °C and more wants cooling (common practice)',
      look: 'Air, water flow, the propeller’s load.',
    },
    {
      id: 'controllerWarm',
      group: 'quay',
      title: 'Controller, the same',
      by: 'its display',
      quantity: 'temperature',
      low: null,
      high: CONTROLLER,
      why: 'it gives less from about 65 °C (common practice)',
      look: 'Plate, paste, air.',
    },
    {
      id: 'jointRise',
      group: 'quay',
      title: 'Hottest joint above its neighbour',
      by: 'infrared; in kelvin',
      quantity: 'plain',
      low: null,
      high: RISE_STOP,
      fineHigh: LOOSE,
      why: '10 K is loose, 30 K is stop',
      look: 'Off, wait, open, clean, torque.',
    },
    !lead && {
      id: 'cellsLoad',
      group: 'quay',
      title: 'Volts of every cell under load',
      by: 'BMS',
      quantity: 'cellVoltage',
      low: null,
      high: CELL_LIMITS.load.most,
      fineHigh: CELL_LIMITS.load.fine,
      why: 'spread under load, 50 mV at most',
      look: 'The cell that falls first: its links, then the cell.',
      cells: 'load',
    },
    fitted.emergencyStop &&
      ticked(
        'quay',
        'stopLoaded',
        'Emergency stop once at a tenth of the power',
        'press it',
        'Contacts must open cleanly.',
        high,
      ),
  )
}
