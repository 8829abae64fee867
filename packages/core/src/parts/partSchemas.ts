import { z } from 'zod'
import type { CellSpec, ChargerSpec, ChemistryId } from '../battery'
import { CHEMISTRIES } from '../battery'
import { COOLINGS, type ControllerSpec, type MotorSpec } from '../drive'
import { WHEEL_KINDS, type JetSpec, type StockPropeller } from '../propulsor'
import type { ChargeControllerSpec, PanelSpec } from '../solar'
import { FUSE_KINDS, INSULATIONS, type CableSpec, type FuseSpec } from '../wiring'

const positive = (most: number) => z.number().positive().max(most)
const name = z.string().min(1).max(80)

/** A motor's nameplate. Powers W, speeds rpm, kg, €. */
export const motorSchema = z.strictObject({
  id: name,
  name,
  ratedPower: positive(500_000),
  ratedRpm: positive(20_000),
  ratedVoltage: positive(1000),
  ratedEfficiency: z.number().min(0.4).max(0.985),
  kvRpmPerVolt: positive(2000),
  noLoadCurrent: z.number().min(0).max(200),
  peakPower: positive(1_000_000),
  peakSeconds: positive(7200),
  greatestRpm: positive(30_000),
  leastVoltage: positive(1000),
  greatestVoltage: positive(1500),
  cooling: z.enum(COOLINGS),
  insulation: z.enum(['B', 'F', 'H']),
  weakerDirection: z.enum(['none', 'clockwise', 'anticlockwise']),
  mass: positive(1000),
  price: z.number().min(0).max(1e6),
}) satisfies z.ZodType<MotorSpec>

/** A controller. Volts DC, battery-side and motor-side amps, W, kg, €. */
export const controllerSchema = z.strictObject({
  id: name,
  name,
  leastVoltage: positive(1000),
  greatestVoltage: positive(1500),
  batteryCurrent: positive(2000),
  batteryCurrentPeak: positive(3000),
  phaseCurrent: positive(3000),
  phaseCurrentPeak: positive(5000),
  efficiency: z.number().min(0.8).max(0.995),
  idlePower: z.number().min(0).max(500),
  rollbackFrom: z.number().min(300).max(420),
  rollbackTo: z.number().min(305).max(440),
  regenCurrent: z.number().min(0).max(2000),
  mass: positive(200),
  price: z.number().min(0).max(1e6),
}) satisfies z.ZodType<ControllerSpec>

/** A waterjet's plate. m, W, rpm, kg, €. */
export const jetSchema = z.strictObject({
  id: name,
  name,
  impellerDiameter: z.number().min(0.08).max(1),
  nozzleDiameter: z.number().min(0.03).max(0.7),
  ratedPower: z.number().min(500).max(500_000),
  ratedRpm: z.number().min(300).max(9000),
  pumpEfficiency: z.number().min(0.5).max(0.93),
  mass: positive(1000),
  price: z.number().min(0).max(1e6),
}) satisfies z.ZodType<JetSpec>

/** A cell or a block of cells sold as one. Ah, Ω, A, kg, m, €. */
export const cellSchema = z.strictObject({
  id: name,
  name,
  chemistry: z.enum(Object.keys(CHEMISTRIES) as [ChemistryId, ...ChemistryId[]]),
  cellsInSeries: z.int().min(1).max(200),
  capacityAh: positive(2000),
  resistance: positive(1),
  current: positive(5000),
  currentPeak: positive(10_000),
  chargeCurrent: positive(5000),
  mass: positive(1000),
  width: positive(3),
  depth: positive(3),
  height: positive(3),
  price: z.number().min(0).max(1e6),
  complete: z.boolean(),
}) satisfies z.ZodType<CellSpec>

/** A propeller as sold. m, kg, €. */
export const propellerSchema = z.strictObject({
  id: name,
  name,
  kind: z.enum(WHEEL_KINDS),
  blades: z.int().min(2).max(7),
  diameter: z.number().min(0.08).max(2),
  pitch: z.number().min(0.03).max(3),
  areaRatio: z.number().min(0.2).max(1.2),
  hand: z.enum(['right', 'left']),
  mass: positive(500),
  price: z.number().min(0).max(1e6),
}) satisfies z.ZodType<StockPropeller>

/** A charger. V, A, W, kg, €. */
export const chargerSchema = z.strictObject({
  id: name,
  name,
  inputVoltage: z.number().min(90).max(480),
  inputCurrent: positive(200),
  leastVoltage: positive(1000),
  greatestVoltage: positive(1500),
  current: positive(1000),
  power: positive(100_000),
  efficiency: z.number().min(0.5).max(0.99),
  listens: z.boolean(),
  pilot: z.boolean(),
  mass: positive(200),
  price: z.number().min(0).max(1e6),
}) satisfies z.ZodType<ChargerSpec>

/** A cable by the metre. mm², °C, V, m, kg/m, €/m. */
export const cableSchema = z.strictObject({
  id: name,
  name,
  area: z.number().min(0.5).max(300),
  insulation: z.literal(INSULATIONS),
  voltage: positive(3000),
  tinned: z.boolean(),
  diameter: z.number().min(0.001).max(0.06),
  massPerMetre: positive(10),
  pricePerMetre: z.number().min(0).max(1000),
}) satisfies z.ZodType<CableSpec>

/** A fuse link with its holder. A, V DC, €. */
export const fuseSchema = z.strictObject({
  id: name,
  name,
  kind: z.enum(FUSE_KINDS),
  rating: positive(2000),
  voltage: positive(2000),
  interrupt: z.number().min(100).max(500_000),
  price: z.number().min(0).max(1e5),
}) satisfies z.ZodType<FuseSpec>

/** A solar panel's plate. W, V, A, share per K, m, kg, €. */
export const panelSchema = z
  .strictObject({
    id: name,
    name,
    power: positive(2000),
    voltage: positive(200),
    current: positive(50),
    openVoltage: positive(250),
    shortCurrent: positive(60),
    voltagePerKelvin: z.number().min(0).max(0.01),
    powerPerKelvin: z.number().min(0).max(0.01),
    length: positive(4),
    width: positive(3),
    mass: positive(100),
    price: z.number().min(0).max(1e5),
  })
  .refine(p => p.voltage < p.openVoltage, {
    path: ['voltage'],
    message: 'volts at full power must be below the open volts',
  })
  .refine(p => p.current < p.shortCurrent, {
    path: ['current'],
    message: 'amps at full power must be below the short-circuit amps',
  }) satisfies z.ZodType<PanelSpec>

/** A charge controller between panels and pack. V, A, kg, €. */
export const chargeControllerSchema = z.strictObject({
  id: name,
  name,
  tracking: z.boolean(),
  boosts: z.boolean(),
  leastPanelVoltage: positive(1000),
  greatestPanelVoltage: positive(1500),
  leastVoltage: positive(1000),
  greatestVoltage: positive(1500),
  current: positive(500),
  efficiency: z.number().min(0.5).max(0.995),
  listens: z.boolean(),
  mass: positive(50),
  price: z.number().min(0).max(1e5),
}) satisfies z.ZodType<ChargeControllerSpec>
