import type { QuantityId } from './quantities'

/** A number with its kind of quantity, SI inside: what fills a gap of a sentence. */
export interface Measured {
  value: number
  quantity: QuantityId
}

const of = (quantity: QuantityId) => (value: number) => ({ value, quantity }) satisfies Measured

/** A number of the unit named, to be shown in the owner's: volts(51.2) is { value: 51.2, quantity: 'voltage' }. */
export const volts = of('voltage')
/** of one cell: two decimals */
export const cellVolts = of('cellVoltage')
export const amps = of('current')
export const ampHours = of('charge')
export const watts = of('electricPower')
/** of gear and lamps: shown in watts, not kilowatts */
export const smallWatts = of('smallPower')
export const joules = of('energy')
export const joulesPerMetre = of('energyPerDistance')
export const ohms = of('bigResistance')
export const metres = of('length')
/** of parts: shown in millimetres or inches */
export const smallMetres = of('smallLength')
/** of a voyage: shown in miles */
export const metresTravelled = of('distance')
/** of a boat: shown in knots or miles an hour */
export const metresPerSecond = of('speed')
/** of water and blades: shown in metres or feet a second */
export const flowMetresPerSecond = of('flowSpeed')
export const newtons = of('force')
export const newtonMetres = of('torque')
export const revsPerSecond = of('rotation')
/** from absolute zero */
export const kelvins = of('temperature')
export const radians = of('angle')
/** shown in minutes */
export const seconds = of('shortTime')
/** of a moment: shown in seconds */
export const fewSeconds = of('seconds')
/** of a day: shown in hours */
export const longSeconds = of('duration')
export const euros = of('price')
export const kilograms = of('mass')
/** of parts and loads: shown in kilograms or pounds */
export const partKilograms = of('partMass')
/** 0.2 is 20 % */
export const share = of('ratio')
/** without a unit */
export const plainNumber = of('plain')
/** of a conductor, from mm² */
export const squareMillimetres = (area: number) => of('copperArea')(area * 1e-6)
/** of sheets, plates and panels */
export const squareMetres = of('area')
/** of cooling water, m³/s: shown in litres a minute */
export const cubicMetresPerSecond = of('flow')
/** of a feeler gauge: shown in hundredths of a millimetre */
export const gaps = of('gap')
