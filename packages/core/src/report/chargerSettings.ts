import { amps, cellVolts, kelvins, volts } from '../units'
import { CHARGE_HABITS, CHEMISTRIES, isLead } from '../battery'
import type { Project } from '../project'
import { chargeStart, modelOf, wiringReport } from '../system'
import type { Setting, SettingGroup } from './controllerSettings'

/**
 * V that a charger stays below the sum of its cells, so that the BMS never has to end the charge (common practice).
 */
const MARGIN = 0.5
/**
 * Rest voltage at which lithium waits at the berth, as state of charge; alarms apart from the cut-offs, V a cell
 * (common practice).
 */
const STORAGE = { lithium: '50 to 60 %', lead: 'full' }
const ALARM = 0.05

/** V by which panels stop before the charger (common practice). */
const BELOW_CHARGER = 0.2

/**
 * What the chargers themselves may be set to: without what panels and propeller add, and without what the house takes.
 */
function chargerAmps(project: Project): number {
  const { charging } = project.design
  const alone = {
    ...charging,
    supply: charging.supply === 'none' ? ('shore' as const) : charging.supply,
    from: 0.5,
    coldest: 293.15,
    sun: false,
    sailing: false,
  }
  return chargeStart({
    ...project,
    use: { ...project.use, houseLoad: 0 },
    design: { ...project.design, charging: alone },
  }).current
}

/**
 * Settings to type into any charger and any battery management.
 *
 * @param project the boat
 * @returns groups of settings; each with its reason
 */
export function chargerSettings(project: Project): SettingGroup[] {
  const { pack, wiring } = project.design
  const { pack: figures } = modelOf(project),
    cells = figures.cellsInSeries
  const chemistry = CHEMISTRIES[pack.cell.chemistry],
    habits = CHARGE_HABITS[pack.cell.chemistry],
    lead = isLead(pack.cell.chemistry)
  const v = (value: number): Setting['value'] => ({ text: '{v}', params: { v: volts(value) } })
  const cell = (value: number): Setting['value'] => ({ text: '{v}', params: { v: cellVolts(value) } })
  const a = (value: number): Setting['value'] => ({ text: '{a}', params: { a: amps(value) } })
  const k = (value: number): Setting['value'] => ({ text: '{t}', params: { t: kelvins(value) } })
  const target = figures.fullVoltage - (cells > 4 ? MARGIN : 0)
  return [
    {
      head: 'Charger',
      settings: [
        {
          label: 'Bulk and absorption',
          value: v(target),
          why: `${cells} cells at ${pack.chargeVoltage.toFixed(2)} V${cells > 4 ? `, less ${MARGIN} V` : ''}`,
        },
        {
          label: 'Greatest amps',
          value: a(Math.min(chargerAmps(project), pack.parallel * pack.cell.chargeCurrent)),
          why: 'the smallest of charger, shore and cells',
        },
        {
          label: 'Absorption ends at',
          value: a(0.05 * figures.capacityAh),
          why: 'a twentieth of the capacity in an hour (common practice)',
        },
        {
          label: 'Float',
          value: lead ? v(cells * 2.27) : { text: 'off' },
          why: lead ? '2.27 V a cell (common practice)' : 'lithium is not kept under charge; let it rest',
        },
        {
          label: 'Kept over the winter',
          value: { text: lead ? STORAGE.lead : STORAGE.lithium },
          why: lead ? 'lead ages when it is empty' : 'lithium ages when it is full and warm',
        },
        { label: 'No charge below', value: k(habits.none), why: 'measured at the cells, not in the air' },
      ],
    },
    ...(project.design.solar.fitted && project.design.solar.controller
      ? [
          {
            head: 'Solar charge controller',
            settings: [
              {
                label: 'Bulk and absorption',
                value: v(target - BELOW_CHARGER),
                why: `${BELOW_CHARGER} V below the charger, so that the two do not fight`,
              },
              {
                label: 'Greatest amps',
                value: a(Math.min(project.design.solar.controller.current, pack.parallel * pack.cell.chargeCurrent)),
                why: 'the smaller of its plate and what the cells take',
              },
              {
                label: 'Equalise',
                value: { text: 'off' },
                why: lead ? 'by hand only, vented, as the maker says' : 'it would overcharge lithium',
              },
              {
                label: 'Float',
                value: lead ? v(cells * 2.27) : { text: 'off' },
                why: lead
                  ? '2.27 V a cell (common practice)'
                  : 'or as low as it goes: lithium is not kept under charge',
              },
              {
                label: 'Panels, never above',
                value: v(project.design.solar.controller.greatestPanelVoltage),
                why: 'its plate; cold mornings count',
              },
            ],
          },
        ]
      : []),
    {
      head: 'BMS',
      settings: [
        {
          label: 'Cell too high, stop charge',
          value: cell(chemistry.absoluteVoltage[1]),
          why: 'what the cell survives',
        },
        { label: 'Warn from', value: cell(chemistry.absoluteVoltage[1] - ALARM), why: `${ALARM} V before` },
        {
          label: 'Cell too low, stop the drive',
          value: cell(chemistry.absoluteVoltage[0] + ALARM),
          why: 'just above what the cell survives; the controller has cut back long before',
        },
        { label: 'Warn from', value: cell(chemistry.sensibleVoltage[0]), why: 'the end of kind use' },
        {
          label: 'Discharge, continuous',
          value: a(wiringReport(modelOf(project)).bmsCurrent),
          why: wiring.bmsCurrent === null ? 'what the cells give' : 'its plate',
        },
        { label: 'Charge, at most', value: a(pack.parallel * pack.cell.chargeCurrent), why: 'what the cells take' },
        { label: 'No charge below', value: k(habits.none), why: 'cells take harm that does not heal' },
        {
          label: 'Cells apart, warn from',
          value: { text: '30 mV' },
          why: 'at rest; 10 to 20 mV is usual (common practice)',
        },
      ],
    },
  ]
}
