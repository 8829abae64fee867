import { chargeLevels } from '../../project'
import type { PowerStep } from '../powerStep'
import { those, ticked, type PowerContext } from './context'

/** The first hour and the first trip. */
export function afterwards({ project }: PowerContext): PowerStep[] {
  const { drive } = project.boat,
    sealed = drive.kind === 'shaft' || drive.kind === 'sailDrive' || drive.kind === 'jet'
  return those(
    ticked(
      'firstHour',
      'lugsAgain',
      'Every lug by the wrench again',
      'after the first hour',
      'They settle; it is the usual fire.',
    ),
    ticked(
      'firstHour',
      'leaks',
      sealed ? 'Seal, hoses, cable glands dry' : 'Hull, cable glands and box dry',
      'hand and lamp',
      drive.kind === 'shaft'
        ? 'A dry seal drips nothing; a packed one a drop in 5 to 20 s.'
        : 'Find it before she goes again.',
    ),
    ticked('firstHour', 'secured', 'Pack and box have not moved', 'push', 'Straps for twice her weight in a seaway.'),
    ticked('firstTrip', 'wayHome', 'Another way home is aboard', 'oars, engine, tow, anchor ready', 'See Use.'),
    {
      id: 'chargeHome',
      group: 'firstTrip',
      title: 'Charge that is left at the berth',
      by: 'shunt',
      quantity: 'ratio',
      low: chargeLevels(project).reserve,
      high: 1,
      why: 'the reserve or more, as the gauge has it',
      look: 'Readings on Power curve correct it.',
    },
    drive.kind === 'shaft' &&
      ticked('firstTrip', 'alignment', 'Alignment after ten hours', 'feeler gauge, afloat', 'Mounts settle.'),
  )
}
