import { CELL_LIMITS } from '../cellVolts'
import { INSULATION } from '../hullTest'
import type { PowerStep } from '../powerStep'
import { meeting, windowsOf } from '../voltWindows'
import { those, ticked, type PowerContext } from './context'
import { voltStep } from './voltStep'

/** Nothing is live yet but the pack itself. */
export function beforeFuse(context: PowerContext): PowerStep[] {
  const { wires, lead, insulation, high, windows } = context
  /** what the next stages make live: above it the pack is read as tight */
  const later = meeting(windowsOf(windows, ['fuse', 'contactor', 'precharge', 'controller', 'motor', 'converter']))
  const insulationOf = (id: string, pole: string): PowerStep | null =>
    insulation && {
      id,
      group: 'fuse',
      title: `Insulation, pack ${pole} to ${insulation.against}`,
      by: insulation.by,
      quantity: 'insulation',
      low: INSULATION,
      high: null,
      why: '0.5 megohm and more (common practice); never into electronics',
      look: 'Wet connectors, a chafed lead, a fan or heater of another circuit.',
      licensed: high,
    }
  return those(
    ticked('fuse', 'polarity', 'Plus is plus at every lug', 'meter, twice, red on plus', 'A lead taken for the other.'),
    voltStep(context, ['pack', 'meter'], {
      id: 'packVolts',
      group: 'fuse',
      title: 'Volts of the pack at the fuse holder',
      by: 'meter',
      fineHigh: later.top,
      look:
        `A cell left out, turned round, or a link that is loose. Above what ${later.topBy.name} stands ` +
        `it is tight: it has to come down before the disconnect closes.`,
      stop: 'Leave the main fuse out.',
    }),
    !lead && {
      id: 'cellsRest',
      group: 'fuse',
      title: 'Volts of every cell at rest',
      by: 'BMS, or meter at each cell',
      quantity: 'cellVoltage',
      low: null,
      high: CELL_LIMITS.rest.most,
      fineHigh: CELL_LIMITS.rest.fine,
      why: 'spread of the cells at rest, 10 mV fine, 20 mV accepted',
      look: 'Charge the low cell alone, or balance at the top, before anything else.',
      cells: 'rest',
    },
    insulationOf('insulationPlus', 'plus'),
    insulationOf('insulationMinus', 'minus'),
    ticked(
      'fuse',
      'torque',
      'Every lug by the torque wrench',
      'wrench; M8 12 to 22 N·m, M10 25 to 40',
      'The terminal maker’s figure goes first.',
    ),
    ticked(
      'fuse',
      'crimps',
      'Crimps, heat-shrink, bends',
      'pull by hand; bends 6 times the cable',
      'A crimp that moves is made again.',
    ),
    {
      id: 'fuseRating',
      group: 'fuse',
      title: 'Rating on the main fuse',
      by: 'read it',
      quantity: 'current',
      low: wires.fuse ? 0.5 * wires.fuse.rating : null,
      high: wires.fuse ? wires.fuse.rating : wires.bank.lead.ampacity,
      why: 'no more than the design’s: it guards the cable',
      look: 'A larger fuse lets the cable burn.',
    },
  )
}
