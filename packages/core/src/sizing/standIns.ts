import { packFigures, CHEMISTRIES, type ChargerSpec, type PackSpec } from '../battery'
import { CONTROLLER_PEAK_SECONDS, timeFactor, type ControllerSpec, type MotorSpec } from '../drive'
import { completePart, usualVolts, type Part, type PartKindId, type PartOf } from '../parts'
import { PACK_ABOVE_MOTOR } from '../project/parts/systemVoltage'
import type { Project } from '../project/definition/projectFields'
import type { JetSpec } from '../propulsor'
import type { ChargeControllerSpec } from '../solar'

// Where no part of the library suits, the design takes a stand-in: the plate that the part to be found must have, with
// what is usual for the rest.

/** A part that is still to be found: what it must have is told, the rest is usual. */
function standIn<K extends PartKindId>(kind: K, plate: string, must: Record<string, unknown>): PartOf<K> {
  const label = kind === 'chargeController' ? 'Solar charge controller' : kind[0]!.toUpperCase() + kind.slice(1)
  const { part } = completePart(kind, {
    ...must,
    id: `stand-in/${kind}/${plate.replace(/[^\d.]+/g, '-')}`,
    name: `${label} to find: ${plate}`,
    standIn: true,
  } as unknown as Part)
  return part as unknown as PartOf<K>
}

/** Up or down to two figures: 483 A is asked for as 490. */
function rounded(value: number, way: 'up' | 'down'): number {
  const step = 10 ** (Math.floor(Math.log10(value)) - 1)
  return Number(
    (step * (way === 'up' ? Math.ceil(value / step - 1e-9) : Math.floor(value / step + 1e-9))).toPrecision(6),
  )
}

/** V from empty to full of a pack. */
export function voltsOfPack(pack: PackSpec): { empty: number; full: number } {
  const { cellsInSeries, fullVoltage } = packFigures(pack)
  return { empty: cellsInSeries * CHEMISTRIES[pack.cell.chemistry].sensibleVoltage[0], full: fullVoltage }
}

/** Steps of a motor's power over what reaches the water, and turns that are sold: enough to hold any drive. */
const POWER_STEPS = [1.6, 2, 2.5, 3.2, 4, 5.5] as const,
  TURNS = [1500, 3000, 5000] as const
/**
 * A stand-in has so much to spare for what it takes itself; a controller gives so much more for a minute, on both its
 * sides, as where the library estimates it.
 */
const SPARE = 1.05,
  BATTERY_PEAK = 1.6,
  PHASE_PEAK = 1.75
/**
 * Motors that would suit what is held, of rising power.
 *
 * @param project the boat: volts of a held pack, of the system, or of a held controller decide those of the motor
 * @param thrustPower W that reach the water at top, of each drive
 * @returns stand-ins
 */
export function standInMotors({ held, design, use }: Project, thrustPower: number): MotorSpec[] {
  const least = thrustPower / (1 - use.headroom)
  return POWER_STEPS.flatMap(step => {
    const ratedPower = rounded(Math.min(490_000, Math.max(20, step * least)), 'up')
    const pack = held.pack ? voltsOfPack(design.pack) : null
    const ratedVoltage = pack
      ? packFigures(design.pack).nominalVoltage / PACK_ABOVE_MOTOR
      : held.voltage
        ? design.systemVoltage
        : held.controller
          ? 0.48 * (design.controller.leastVoltage + design.controller.greatestVoltage)
          : usualVolts(ratedPower)
    return TURNS.map(ratedRpm =>
      standIn('motor', `${powerText(ratedPower)}, ${Math.round(ratedVoltage)} V, ${ratedRpm} rpm`, {
        ratedPower,
        ratedRpm,
        ratedVoltage,
        ...(pack && {
          leastVoltage: rounded(0.95 * pack.empty, 'down'),
          greatestVoltage: rounded(1.02 * pack.full, 'up'),
        }),
      }),
    )
  })
}
const powerText = (power: number) =>
  power < 1000 ? `${Math.round(power)} W` : `${Number((power / 1000).toPrecision(3))} kW`

/** Shares of the largest impeller that fits, and steps of a pump's power over what reaches the water. */
const IMPELLERS = [1, 0.85, 0.7] as const,
  PUMP_STEPS = [1.8, 2.4, 3.2, 4.5] as const

/**
 * Waterjets that would fit.
 *
 * @param greatestDiameter of the impeller, m
 * @param thrustPower W that reach the water at top
 * @returns stand-ins
 */
export const standInJets = (greatestDiameter: number, thrustPower: number): JetSpec[] =>
  IMPELLERS.flatMap(share =>
    PUMP_STEPS.map(step => {
      const impellerDiameter = Math.min(1, Math.max(0.08, share * greatestDiameter)),
        ratedPower = rounded(Math.min(490_000, Math.max(500, step * thrustPower)), 'up')
      return standIn('jet', `${Math.round(1000 * impellerDiameter)} mm, ${powerText(ratedPower)}`, {
        impellerDiameter,
        ratedPower,
      })
    }),
  )

/** What a controller must carry: A at the battery and at the motor, at cruise with its headroom and at top. */
export interface ControllerDemand {
  topAmps: number
  cruiseAmps: number
  topPhase: number
  cruisePhase: number
  /** s for which top is wanted */
  topTime: number
}

/**
 * The controller that a pack and a motor ask for.
 *
 * @param pack whose volts it must stand
 * @param demand amps
 * @returns a stand-in
 */
export function standInController(pack: PackSpec, demand: ControllerDemand): ControllerSpec {
  const { empty, full } = voltsOfPack(pack)
  const continuous = (cruise: number, top: number, peak: number) =>
    Math.max(cruise, top / timeFactor({ allDay: 1, peak, seconds: CONTROLLER_PEAK_SECONDS }, demand.topTime))
  const leastVoltage = rounded(0.95 * empty, 'down'),
    greatestVoltage = rounded(1.02 * full, 'up'),
    batteryCurrent = rounded(Math.max(1, SPARE * continuous(demand.cruiseAmps, demand.topAmps, BATTERY_PEAK)), 'up'),
    phaseCurrent = rounded(Math.max(1, SPARE * continuous(demand.cruisePhase, demand.topPhase, PHASE_PEAK)), 'up')
  return standIn('controller', `${leastVoltage} to ${greatestVoltage} V, ${batteryCurrent} A`, {
    leastVoltage,
    greatestVoltage,
    batteryCurrent,
    phaseCurrent,
  })
}

/**
 * The charger that a pack asks for.
 *
 * @param pack its volts, and the amps that its cells take
 * @param shore V, and A for hours
 * @returns a stand-in
 */
export function standInCharger(
  pack: PackSpec,
  shore: { shoreVoltage: number; shoreCurrent: number; continuous: number },
): ChargerSpec {
  const { empty, full } = voltsOfPack(pack),
    power = 0.9 * shore.shoreVoltage * shore.shoreCurrent * shore.continuous
  const current = rounded(Math.max(0.2, Math.min(power / full, pack.parallel * pack.cell.chargeCurrent)), 'down'),
    greatestVoltage = rounded(1.03 * full, 'up')
  return standIn('charger', `${greatestVoltage} V, ${current} A`, {
    leastVoltage: rounded(0.9 * empty, 'down'),
    greatestVoltage,
    current,
    inputVoltage: shore.shoreVoltage,
  })
}

/**
 * The solar charge controller that panels and a pack ask for.
 *
 * @param pack to be charged
 * @param strings V of a string when cold, and W of all panels
 * @returns a stand-in: it lifts the volts where the panels lie below the pack
 */
export function standInChargeController(
  pack: PackSpec,
  strings: { cold: number; hot: number; power: number },
): ChargeControllerSpec {
  const { empty, full } = voltsOfPack(pack),
    greatestVoltage = rounded(1.03 * full, 'up'),
    greatestPanelVoltage = rounded(1.05 * strings.cold, 'up'),
    current = rounded(Math.max(1, strings.power / empty), 'up'),
    boosts = strings.hot < 1.05 * full
  return standIn('chargeController', `panels ${greatestPanelVoltage} V, pack ${greatestVoltage} V, ${current} A`, {
    tracking: true,
    boosts,
    leastPanelVoltage: rounded(0.8 * strings.hot, 'down'),
    greatestPanelVoltage,
    leastVoltage: rounded(0.9 * empty, 'down'),
    greatestVoltage,
    current,
  })
}
