import { partKilograms, watts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** More people, load or power than the capacity plate allows. */
export const capacityPlate: Rule = {
  part: 'hull',
  checks: 'People, load and power are within the capacity plate',
  source: 'The plate of the boat: people; weight of people, motor and gear; power',
  check({
    plate,
    model: {
      project: { yard },
    },
  }) {
    const people = plate.people && plate.people.aboard > plate.people.most ? plate.people : null,
      load = plate.load && plate.load.aboard > plate.load.most ? plate.load : null,
      power = plate.power && plate.power.fitted > plate.power.most ? plate.power : null
    if (!people && !load && !power) return null
    return {
      severity: load || people ? 'stop' : 'caution',
      title: 'capacity plate',
      amount: load
        ? { text: '+{m}', params: { m: partKilograms(load.aboard - load.most) } }
        : people
          ? { text: '+{n}', params: { n: String(people.aboard - people.most) } }
          : { text: '+{p}', params: { p: watts(power!.fitted - power!.most) } },
      sentence: load
        ? {
            text: 'People and what comes in weigh {a}; the plate allows {m}.',
            params: { a: partKilograms(load.aboard), m: partKilograms(load.most) },
          }
        : people
          ? {
              text: '{a} people; the plate allows {m}.',
              params: { a: String(people.aboard), m: String(people.most) },
            }
          : {
              text: 'The motor’s plate says {f}; the boat’s allows {m}.',
              params: { f: watts(power!.fitted), m: watts(power!.most) },
            },
      caution: 'A boat beyond her plate can swamp or turn over, and her insurance may not hold. Local rules first.',
      measure: (load ? load.aboard / load.most : 0) + (people ? people.aboard / people.most : 0) + (power ? 1 : 0),
      fixes:
        yard.crew > 1
          ? [
              {
                label: { text: '{n} aboard', params: { n: String(yard.crew - 1) } },
                edits: [edit('yard.crew', yard.crew - 1)],
              },
            ]
          : [],
      need: power && !load && !people ? { text: 'A motor of {m} or less.', params: { m: watts(power.most) } } : null,
    }
  },
}
