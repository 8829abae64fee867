import { z } from 'zod'
import type { CellSpec, ChemistryId } from '../battery'
import { CHEMISTRIES } from '../battery'
import { COOLINGS, type ControllerSpec, type MotorSpec } from '../drive'
import type { JetSpec } from '../propulsor'

const positive = (most: number) => z.number().positive().max(most)
const name = z.string().min(1).max(80)

/** A motor's nameplate. Powers W, speeds rpm, kg, €. */
export const motorSchema = z.strictObject({
  id: name, name,
  ratedPower: positive(500_000), ratedRpm: positive(20_000), ratedVoltage: positive(1000), ratedEfficiency: z.number().min(0.4).max(0.985),
  kvRpmPerVolt: positive(2000), noLoadCurrent: z.number().min(0).max(200), peakPower: positive(1_000_000), peakSeconds: positive(7200),
  greatestRpm: positive(30_000), leastVoltage: positive(1000), greatestVoltage: positive(1500),
  cooling: z.enum(COOLINGS), insulation: z.enum(['B', 'F', 'H']), weakerDirection: z.enum(['none', 'clockwise', 'anticlockwise']), mass: positive(1000), price: z.number().min(0).max(1e6),
}) satisfies z.ZodType<MotorSpec>

/** A controller. Volts DC, battery-side and motor-side amps, W, kg, €. */
export const controllerSchema = z.strictObject({
  id: name, name,
  leastVoltage: positive(1000), greatestVoltage: positive(1500), batteryCurrent: positive(2000), batteryCurrentPeak: positive(3000),
  phaseCurrent: positive(3000), phaseCurrentPeak: positive(5000), efficiency: z.number().min(0.8).max(0.995), idlePower: z.number().min(0).max(500),
  rollbackFrom: z.number().min(300).max(420), rollbackTo: z.number().min(305).max(440), regenCurrent: z.number().min(0).max(2000),
  mass: positive(200), price: z.number().min(0).max(1e6),
}) satisfies z.ZodType<ControllerSpec>

/** A waterjet's plate. m, W, rpm, kg, €. */
export const jetSchema = z.strictObject({
  id: name, name,
  impellerDiameter: z.number().min(0.08).max(1), nozzleDiameter: z.number().min(0.03).max(0.7), ratedPower: z.number().min(500).max(500_000), ratedRpm: z.number().min(300).max(9000),
  pumpEfficiency: z.number().min(0.5).max(0.93), mass: positive(1000), price: z.number().min(0).max(1e6),
}) satisfies z.ZodType<JetSpec>

/** A cell or a block of cells sold as one. Ah, Ω, A, kg, m, €. */
export const cellSchema = z.strictObject({
  id: name, name,
  chemistry: z.enum(Object.keys(CHEMISTRIES) as [ChemistryId, ...ChemistryId[]]),
  cellsInSeries: z.int().min(1).max(200), capacityAh: positive(2000), resistance: positive(1), current: positive(5000), currentPeak: positive(10_000),
  chargeCurrent: positive(5000), mass: positive(1000), width: positive(3), depth: positive(3), height: positive(3), price: z.number().min(0).max(1e6),
}) satisfies z.ZodType<CellSpec>
