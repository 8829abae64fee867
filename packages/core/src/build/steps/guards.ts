import { mainsAboard } from '../../project'
import type { PowerStep } from '../powerStep'
import { LIVE_PARTS } from '../voltWindows'
import { those, ticked, type PowerContext } from './context'
import { voltStep } from './voltStep'

/** Charger stops within so many V of its setting (common practice). */
const STOPS = 0.2
const TRIP = 'A guard that never opened may never open.'
const ONCE = 'each once, then set back'

/** What guards the pack. */
export function guards(context: PowerContext): PowerStep[] {
  const { full, noCharge, model } = context,
    { charging, solar } = model.project.design,
    charged = charging.supply !== 'none' || solar.fitted
  return those(
    charging.supply === 'shore' &&
      mainsAboard(charging) &&
      ticked(
        'charge',
        'shoreTrip',
        'Shore breaker and RCD trip by their button',
        'press both, charger on',
        'Nothing is charged through a breaker that does not open.',
        true,
      ),
    charged &&
      voltStep(context, LIVE_PARTS, {
        id: 'chargerStops',
        group: 'charge',
        title: charging.supply === 'none' ? 'Panels stop at' : 'Charger stops at',
        by: 'meter at the pack',
        own: {
          part: 'pack',
          name: 'the charge setting',
          why: 'its setting, within 0.2 V',
          from: full - STOPS - 0.02 * full,
          to: full + STOPS,
        },
        fineLow: full - STOPS,
        fineHigh: full + 0.5 * STOPS,
        look: 'Another profile; never one for another chemistry.',
        stop: charging.supply === 'none' ? 'Cover the panels, part their switch.' : 'Charger off, at once.',
      }),
    charged && {
      id: 'coldCut',
      group: 'charge',
      title: 'Charging is refused below',
      by: 'BMS setting',
      quantity: 'temperature',
      low: noCharge - 1,
      high: null,
      why: 'below this these cells take no charge',
      look: 'Set it in the BMS, not in the charger alone.',
    },
    charged && ticked('charge', 'tripCharge', 'BMS opens on charge, its limit lowered', ONCE, TRIP),
    ticked('charge', 'tripDischarge', 'BMS opens on discharge, its limit raised', ONCE, TRIP),
    ticked('charge', 'tripTemperature', 'BMS opens by its sensor, warmed in the hand', ONCE, TRIP),
  )
}
