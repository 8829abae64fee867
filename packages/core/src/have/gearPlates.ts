import { readGauge } from '../units'
import { valueOf, voltsOf, type Said } from './said'

/** What is told of a charger. */
export function chargerPlate(said: Said): Record<string, unknown> {
  const { rated, least, greatest } = voltsOf(said)
  return {
    leastVoltage: least,
    greatestVoltage: greatest ?? (rated === null ? null : 1.2 * rated),
    current: valueOf(said, 'current', ['rated', 'peak']),
    power: valueOf(said, 'power', ['rated', 'peak']),
    mass: valueOf(said, 'partMass'),
  }
}

/** What is told of a solar panel: volts at full power, or open. */
export function panelPlate(said: Said): Record<string, unknown> {
  const open = said.numbers.find(n => n.quantity === 'voltage' && /open|voc/i.test(after(said, n.at + n.text.length)))
  return {
    power: valueOf(said, 'power', ['rated', 'peak']),
    voltage:
      said.numbers.find(n => n.quantity === 'voltage' && n !== open && n.value >= 14 && n.value !== 24)?.value ?? null,
    openVoltage: open?.value ?? null,
    current: valueOf(said, 'current', ['rated', 'peak']),
    mass: valueOf(said, 'partMass'),
  }
}
const after = (said: Said, at: number) => said.words.slice(at, at + 8)

/** What is told of a solar charge controller. */
export function chargeControllerPlate(said: Said): Record<string, unknown> {
  const { greatest } = voltsOf(said)
  return {
    tracking: /\bpwm\b/i.test(said.words) ? false : /mppt/i.test(said.words) ? true : null,
    boosts: /boost|step[- ]?up/i.test(said.words) ? true : null,
    greatestPanelVoltage: greatest ?? said.numbers.find(n => n.quantity === 'voltage' && n.value > 60)?.value ?? null,
    current: valueOf(said, 'current', ['rated', 'peak']),
    mass: valueOf(said, 'partMass'),
  }
}

/** What is told of a fuse. */
export const fusePlate = (said: Said): Record<string, unknown> => ({
  rating: valueOf(said, 'current', ['rated', 'peak']),
  voltage: valueOf(said, 'voltage', ['rated', 'peak']),
  kind: /class[- ]?t\b|current[- ]limiting/i.test(said.words) ? 'fast, current-limiting' : null,
})

/** What is told of a cable: 35 mm², 2/0 AWG. */
export function cablePlate(said: Said): Record<string, unknown> {
  const gauge = /(\d\s*\/\s*0|\d{1,2})\s*(?:AWG|gauge)?/i.exec(said.words),
    area = valueOf(said, 'copperArea') ?? (gauge && readGauge(`${gauge[1]!} AWG`, false))
  return {
    area: typeof area === 'number' ? 1e6 * area : null,
    tinned: /tinned/i.test(said.words) ? true : null,
  }
}
