import { length, of, partMass, plain, size } from '../working/inputs'
import { workedOut, type Worked } from '../working'
import type { Balance } from './balance'
import type { Ranged } from '../numeric'

/** How she floats, each with its working; sizes without their sign, which the labels say. */
export interface BalanceWorked {
  trim: Worked
  sinkage: Worked
  list: Worked
  gm: Worked
}

const SOURCE =
  'Sinkage by the waterplane, trim by its inertia along about the centre of flotation, list by GM: hydrostatics of ' +
  'small angles'

/** Of a range whose middle counts as a size: both ends turned with it. */
const turned = ({ value, low, high }: Ranged) => (value < 0 ? { low: -high, high: -low } : { low, high })

/**
 * The figures of how she floats with their working.
 *
 * @param balance of the boat
 * @returns trim, sinkage, list and GM
 */
export function balanceWorked({ hydro, mass, change, rows, trim, sinkage, list, gm, shift }: Balance): BalanceWorked {
  const out = rows.filter(r => r.way === 'out').length
  const moved = {
    weight: of('mass')(mass, 'the boat with all of it'),
    out: plain(out, 'things out'),
    in: plain(rows.length - out, 'things in'),
  }
  return {
    trim: workedOut({
      label: trim.value < 0 ? 'Trim, by the bow' : 'Trim, by the stern',
      quantity: 'smallLength',
      inputs: {
        balance: length(Math.abs(shift.along), 'the balance point moves along, from where she turns'),
        bml: length(hydro.bml, 'BM along, from the waterplane'),
        line: length(hydro.length, 'waterline'),
        ...moved,
      },
      formula: v => (v.line * v.balance) / v.bml,
      words: 'trim = waterline × way of the balance point ÷ BM along',
      range: () => turned(trim),
      source: SOURCE,
      holds: { text: 'Small angles; weights as sure as their ±, the form to 8 %.' },
    }),
    sinkage: workedOut({
      label: sinkage.value < 0 ? 'Floats higher' : 'Floats deeper',
      quantity: 'smallLength',
      inputs: {
        change: partMass(Math.abs(change.mass), change.mass < 0 ? 'lighter by' : 'heavier by'),
        perCentimetre: partMass(hydro.perMetre / 100, 'for each centimetre'),
      },
      formula: v => v.change / v.perCentimetre / 100,
      words: 'sinkage = change of weight ÷ weight for each centimetre',
      range: () => turned(sinkage),
      source: SOURCE,
    }),
    list: workedOut({
      label: list.value < 0 ? 'List, to port' : 'List, to starboard',
      quantity: 'angle',
      inputs: {
        across: size(Math.abs(shift.across), 'the balance point moves across'),
        gm: length(gm.value, 'GM'),
        ...moved,
      },
      formula: v => Math.atan(v.across / v.gm),
      words: 'list = arctan(way across ÷ GM)',
      range: () => turned(list),
      source: SOURCE,
    }),
    gm: workedOut({
      label: 'GM with the new drive',
      quantity: 'length',
      inputs: {
        gm: length(hydro.gm.value, 'GM as she was'),
        rise: size(shift.above, 'the balance point rises; − for lower'),
        least: length(0.02 * hydro.bmt, 'a fiftieth of BM, at least'),
      },
      formula: v => Math.max(v.least, v.gm - v.rise),
      words: 'GM = GM before − rise of the balance point',
      range: () => ({ low: gm.low, high: gm.high }),
      source:
        'GM measured, from her roll, or estimated from the waterplane and the usual height of the centre of gravity',
      holds: { text: 'An estimate until a heeling test or her roll is given.' },
    }),
  }
}
