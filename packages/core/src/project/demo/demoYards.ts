import { usualOf } from '../../fields'
import { PROJECT_FIELDS } from '../projectFields'
import type { PowerReading, Weight, Yard } from '../yardFields'

// The yards of the demo boats: what a conversion looks like half way.

const EMPTY = usualOf(PROJECT_FIELDS.yard.fields)
const out = (name: string, mass: number, doubt: number, along: number, across = 0, above = 0): Weight => ({
  name,
  way: 'out',
  mass,
  doubt,
  along,
  across,
  above,
})
const into = (name: string, mass: number, doubt: number, along: number, across = 0, above = 0): Weight => ({
  ...out(name, mass, doubt, along, across, above),
  way: 'in',
})
const read = (step: string, clock: string, value: number | null, who: PowerReading['who'] = 'owner'): PowerReading => ({
  step,
  value,
  done: true,
  who,
  at: `2027-05-14T${clock}`,
  why: '',
  note: '',
})

/** Tirrick on the hard: the engine is out, the drive is in, the first power-up stands at the precharge. */
export const yachtYard: Yard = {
  ...EMPTY,
  weights: [
    out('Starter battery', 24, 1, 5.3, 0.4, -0.1),
    out('Diesel and gearbox', 165, 5, 6.0, 0, -0.15),
    out('Tank with 60 l', 69, 10, 7.2, -0.4, 0.2),
    out('Exhaust', 14, 4, 7.9, 0.3, 0.2),
    into('House battery', 14, 1, 5.3, 0.4, -0.1),
    into('Mounts and box', 16, 3, 5.8, 0, -0.15),
  ],
  readings: [
    read('polarity', '09:40', null, 'electrician'),
    read('packVolts', '09:44', 52.9, 'electrician'),
    read('insulationPlus', '09:52', 4.2e6, 'electrician'),
    read('insulationMinus', '09:55', 3.9e6, 'electrician'),
    read('torque', '10:10', null),
    read('crimps', '10:18', null),
    read('fuseRating', '10:20', 125),
    read('fuseIn', '10:44', null),
    read('beforeDisconnect', '10:46', 52.9),
    read('prechargeVolts', '10:49', 51.2),
  ],
  cells: [
    {
      at: '2027-05-14T10:31',
      current: 0,
      volts: [
        3.306, 3.307, 3.305, 3.308, 3.306, 3.304, 3.308, 3.306, 3.309, 3.306, 3.305, 3.307, 3.306, 3.3, 3.306, 3.31,
      ],
    },
  ],
}
