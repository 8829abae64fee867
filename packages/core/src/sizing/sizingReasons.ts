import { seconds, metresPerSecond, share, smallMetres, volts, amps } from '../units'
import { packFigures } from '../battery'
import type { Project } from '../project/definition/projectFields'
import { TOUCH_LIMIT } from '../wiring'
import type { DesignCandidate } from './candidate'
import { reductionText } from './driveCandidates'
import type { Reason } from './reason'

/**
 * Why each part of a design was chosen, in sentences.
 *
 * @param project the boat
 * @param d the design taken
 * @returns one reason a part
 */
export function sizingReasons(project: Project, d: DesignCandidate): Reason[] {
  const { held, use } = project
  const pack = packFigures(d.pack)
  return [
    {
      part: 'motor',
      held: held.motor,
      text: held.motor
        ? { text: '{name} is held.', params: { name: d.motor.name } }
        : {
            text: '{name}: with this drive the cheapest way to hold {top} for {t} and keep {room} free at cruise.',
            params: {
              name: d.motor.name,
              top: metresPerSecond(use.topSpeed),
              t: seconds(use.topTime),
              room: share(use.headroom),
            },
          },
    },
    {
      part: 'reduction',
      held: held.reduction,
      text: held.reduction
        ? { text: '{kind} is held.', params: { kind: reductionText(d.reduction) } }
        : {
            text: '{kind}: brings the motor’s speed down to what the propeller wants.',
            params: { kind: reductionText(d.reduction) },
          },
    },
    {
      part: 'propeller',
      held: held.propeller,
      text:
        project.boat.drive.kind === 'jet'
          ? {
              text: held.propeller
                ? '{name} is held.'
                : '{name}: the jet that takes this power with the least cost in all.',
              params: { name: d.jet.name },
            }
          : held.propeller
            ? {
                text: '{d} by {p} is held.',
                params: {
                  d: smallMetres(d.propeller.diameter),
                  p: smallMetres(d.propeller.pitch),
                },
              }
            : {
                text: '{d} by {p}, {blades} blades: fills the place; this pitch wastes least at top.',
                params: {
                  d: smallMetres(d.propeller.diameter),
                  p: smallMetres(d.propeller.pitch),
                  blades: String(d.propeller.blades),
                },
              },
    },
    {
      part: 'controller',
      held: held.controller,
      text: held.controller
        ? { text: '{name} is held.', params: { name: d.controller.name } }
        : {
            text: '{name}: the cheapest that takes {full} and gives {amps} to the motor.',
            params: {
              name: d.controller.name,
              full: volts(pack.fullVoltage),
              amps: amps(d.topPhase),
            },
          },
    },
    {
      part: 'voltage',
      held: held.voltage,
      text: held.voltage
        ? { text: '{v} is held.', params: { v: volts(project.design.systemVoltage) } }
        : pack.fullVoltage <= TOUCH_LIMIT
          ? {
              text: '{v}: stays below the touch limit of {limit} even when full.',
              params: {
                v: volts(pack.nominalVoltage),
                limit: volts(TOUCH_LIMIT),
              },
            }
          : {
              text: '{v}: this power needs it; above the touch limit of {limit} it wants a qualified person.',
              params: {
                v: volts(pack.nominalVoltage),
                limit: volts(TOUCH_LIMIT),
              },
            },
    },
    {
      part: 'pack',
      held: held.pack,
      text: held.pack
        ? { text: '{n} blocks of {cell} are held.', params: { n: String(pack.blocks), cell: d.pack.cell.name } }
        : {
            text:
              '{s} in series, {p} in parallel of {cell}: carries the use with {reserve} kept back, and the ' +
              'amps of top.',
            params: {
              s: String(d.pack.series),
              p: String(d.pack.parallel),
              cell: d.pack.cell.name,
              reserve: share(use.reserve),
            },
          },
    },
  ]
}
