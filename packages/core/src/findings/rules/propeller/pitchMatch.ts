import { metresPerSecond, share, smallMetres } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { stockSize, wheelOf } from '../../../propulsor'
import type { Facts, Fix, Rule } from '../../finding'
import { RESIZE } from '../../fixes'

/** How far off the turns may be where the motor's ratings end. */
const OVER = 0.75,
  UNDER = 0.6
/** Share of turns, or of torque, that a new pitch aims at. */
const AIM = 0.9

/** A pitch that ends the motor's torque early, or lets it spin out of turns with torque to spare. */
export const pitchMatch: Rule = {
  part: 'propeller',
  checks: 'Pitch lets the motor use both its torque and its turns',
  source: 'Crossing of demand and ratings: turns and torque used there (common practice)',
  // where the top wished is held anyway there is no limit below it, and the match is a matter of taste
  check(facts) {
    const {
      atLimit,
      model: { project, propulsor },
    } = facts
    if (propulsor.kind === 'jet' || !atLimit) return null
    const {
      by,
      speed,
      turns,
      train: { continuousShare: torque },
    } = atLimit
    const { pitch, diameter } = project.design.propeller
    const over = by === 'motorTorque' && turns < OVER,
      under = (by === 'voltage' || by === 'motorRpm') && torque < UNDER
    if (!over && !under) return null
    // turns go nearly as one over the pitch, torque at a speed nearly as the pitch
    const wanted = stockSize(pitch * (over ? turns / AIM : Math.min(1.35, AIM / torque)))
    return {
      severity: 'caution',
      title: over ? 'over-propped' : 'under-propped',
      amount: {
        text: over ? '{r} of its turns' : '{r} of its torque',
        params: { r: share(over ? turns : torque) },
      },
      sentence: over
        ? {
            text:
              'Over-propped: it reaches the motor’s torque at {v} with only {r} of the turns that its volts ' +
              'would give.',
            params: { v: metresPerSecond(speed), r: share(turns) },
          }
        : {
            text: 'Under-propped: it runs out of turns at {v} with only {r} of the motor’s torque used.',
            params: { v: metresPerSecond(speed), r: share(torque) },
          },
      fixes: [
        ...(project.held.propeller || wanted === pitch || wanted / diameter < 0.4 || wanted / diameter > 1.4
          ? []
          : [
              {
                label: { text: 'Pitch {p}', params: { p: smallMetres(wanted) } },
                edits: [edit('design.propeller.pitch', wanted)],
              },
            ]),
        ...stockOfPitch(facts, wanted),
        RESIZE,
      ],
    }
  },
}

/** The propeller of the library whose pitch is nearest, of the fitted kind, as large as the fitted one or nearly. */
function stockOfPitch({ library, model: { project } }: Facts, pitch: number): Fix[] {
  const { kind, diameter, hand } = project.design.propeller,
    room = project.boat.drive.greatestDiameter
  const found = library.propellers
    .filter(p => p.kind === kind && p.hand === hand && p.diameter <= room + 1e-6 && p.diameter >= 0.9 * diameter)
    .sort((a, b) => Math.abs(a.pitch - pitch) - Math.abs(b.pitch - pitch))[0]
  return found && !project.held.propeller
    ? [
        {
          label: { text: found.name },
          edits: [edit('design.propeller', { ...wheelOf(found), efficiencyFactor: null })],
        },
      ]
    : []
}
