import { CHEMISTRIES, packFigures, type CellSpec, type ChargerSpec, type PackSpec } from '../battery'
import type { ControllerSpec, MotorSpec, WholeDriveSpec } from '../drive'
import type { Had, HadPart } from '../have'
import { hullTypeOf } from '../hull'
import { completePart, DRIVE_OF_MOUNT, type Library, type Part, type PartKindId } from '../parts'
import type { FirstAnswers } from '../project/begin/newProject'
import { edit, withEdits, type Edit } from '../project/definition/projectPath'
import type { HeldPart, Project } from '../project/definition/projectFields'
import { stringVoltage, suitPanels, type PanelSpec } from '../solar'
import { volts, type Text } from '../units'
import { packLayouts, type HeldVolts } from './packLayouts'
import { putOnBoat } from './putOnBoat'
import { standInChargeController, voltsOfPack } from './standIns'

/** A thing that an owner has and that his boat does not use, and why. */
export interface LeftOut {
  had: Had
  why: Text
}

const isPart = (had: Had): had is HadPart => had.what === 'part'
const partsOf = (have: readonly Had[], ...kinds: PartKindId[]): HadPart[] =>
  have.filter(isPart).filter(h => kinds.includes(h.kind))

/** A propeller fills so much of its place less than the place is wide: quiet tips (common practice). */
const CLEAR = 1.07

/**
 * Answers as what the owner has makes them: how she drives, in how many, and what engine comes out.
 *
 * @param answers as given
 * @param have what he has
 * @param placeTold whether the largest propeller that fits was told: else the one that he has fits
 * @returns answers
 */
export function answersWith(answers: FirstAnswers, have: readonly Had[], placeTold: boolean): FirstAnswers {
  const engine = have.find(h => h.what === 'oldEngine'),
    leg = have.find(h => h.what === 'leg'),
    whole = partsOf(have, 'wholeDrive')[0],
    jet = partsOf(have, 'jet')[0],
    motor = whole ?? partsOf(have, 'motor')[0]
  const { drives } = hullTypeOf(answers.hullType)
  const drive = whole
    ? DRIVE_OF_MOUNT[(whole.part as unknown as WholeDriveSpec).mount]
    : leg
      ? leg.drive
      : jet && drives.includes('jet')
        ? 'jet'
        : answers.drive
  const wheel = partsOf(have, 'propeller')[0]?.part.diameter,
    across = Number(whole?.part.diameter ?? jet?.part.impellerDiameter ?? (wheel ? CLEAR * Number(wheel) : 0))
  return {
    ...answers,
    drive,
    greatestDiameter: placeTold ? answers.greatestDiameter : Math.max(answers.greatestDiameter, across),
    oldEnginePower: answers.oldEnginePower || (engine ? engine.power : 0),
    drives: answers.drives ?? (motor && motor.count === 2 ? 2 : undefined),
  }
}

/**
 * The boat with what drives her of what the owner has, held; and all ways in which his blocks make a pack of her.
 *
 * @param project a new boat, whose parts are placeholders
 * @param have what he has
 * @returns boats to size the rest of, one for each way; what is not used
 */
export function boatsWith(project: Project, have: readonly Had[]): { boats: Project[]; left: LeftOut[] } {
  const left: LeftOut[] = [],
    held = new Set<HeldPart>()
  let boat = project
  const put = (edits: readonly Edit[] | null, had: Had, ...parts: HeldPart[]) => {
    const taken = parts.find(part => held.has(part))
    if (!edits || taken) {
      left.push({
        had,
        why: taken
          ? { text: 'She is driven by another one of your parts; it stays on your shelf.' }
          : { text: 'It has no place on a boat that drives like this.' },
      })
      return
    }
    boat = withEdits(boat, edits)
    for (const part of parts) held.add(part)
  }
  for (const had of have)
    if (had.what === 'oldEngine') boat = withEdits(boat, engineEdits(had))
    else if (had.what === 'budget') boat = withEdits(boat, [edit('yard.budget', had.amount)])
    else if (had.what === 'leg')
      put(
        [edit('boat.drive.kind', had.drive), ...(had.ratio ? [edit('boat.drive.legRatio', had.ratio)] : [])],
        had,
        'leg',
      )
    else if (had.what === 'reduction')
      put([edit('design.reduction', { kind: had.kind, ratio: had.ratio })], had, 'reduction')
    else if (had.kind === 'wholeDrive')
      put(putOnBoat('wholeDrive', had.part, boat), had, 'motor', 'controller', 'reduction', 'leg', 'propeller')
    else if (had.kind === 'motor' || had.kind === 'controller') put(putOnBoat(had.kind, had.part, boat), had, had.kind)
    else if (had.kind === 'propeller' || had.kind === 'jet') put(putOnBoat(had.kind, had.part, boat), had, 'propeller')
    else if (had.kind === 'fuse' || had.kind === 'cable') put(putOnBoat(had.kind, had.part, boat), had)
  boat = withEdits(
    boat,
    [...held].map(part => edit(`held.${part}`, true)),
  )
  const packs = partsOf(have, 'cell', 'pack').sort((a, b) => energyOf(b) - energyOf(a))
  const [main, ...others] = packs
  if (!main) return { boats: [boat], left }
  const cell = main.part as unknown as CellSpec,
    chargeVoltage = CHEMISTRIES[cell.chemistry].sensibleVoltage[1]
  const boats = packLayouts(cell, main.count, windowOf(boat)).map(layout =>
    withEdits(boat, [
      edit('design.pack', { cell, ...layout, chargeVoltage }),
      edit('held.pack', true),
      edit('design.banks.owned', main.count > 1 ? Math.min(400, main.count) : null),
      ...(main.health ? [edit('design.banks.health', main.health)] : []),
    ]),
  )
  return {
    boats: boats.map(b => withStrings(b, others).boat),
    left: [...left, ...withStrings(boats[0]!, others).left],
  }
}

/**
 * J that so many blocks hold when new.
 *
 * @param part a cell or a block
 * @param count of them
 * @returns J
 */
export function energyOfCells(part: Part, count: number): number {
  const { capacityAh, cellsInSeries, chemistry } = part as unknown as CellSpec
  return 3600 * count * capacityAh * cellsInSeries * CHEMISTRIES[chemistry].nominalVoltage
}
const energyOf = ({ part, count }: HadPart) => energyOfCells(part, count)

const engineEdits = ({ power, rpm }: Extract<Had, { what: 'oldEngine' }>): Edit[] => [
  edit('boat.oldEngine.ratedPower', power),
  ...(rpm ? [edit('boat.oldEngine.ratedRpm', rpm)] : []),
]

/** V that held motor and controller share; null where neither is held. */
function windowOf({ held, design }: Project): HeldVolts | null {
  const of: (MotorSpec | ControllerSpec)[] = [
    ...(held.motor ? [design.motor] : []),
    ...(held.controller ? [design.controller] : []),
  ]
  if (of.length === 0) return null
  const least = Math.max(...of.map(p => p.leastVoltage)),
    greatest = Math.min(...of.map(p => p.greatestVoltage))
  return { least, greatest, rated: held.motor ? design.motor.ratedVoltage : 0.48 * (least + greatest) }
}

/** Strings of other blocks stand beside the pack where their volts are its own. */
const SAME_VOLTS = 0.06

/** Unlike blocks as strings of their own; those whose volts are not the pack's are left out. */
function withStrings(boat: Project, others: readonly HadPart[]): { boat: Project; left: LeftOut[] } {
  const left: LeftOut[] = [],
    { nominalVoltage } = packFigures(boat.design.pack)
  const strings = others.flatMap(had => {
    const cell = had.part as unknown as CellSpec
    if (cell.chemistry !== boat.design.pack.cell.chemistry) {
      left.push({ had, why: { text: 'Unlike chemistries are not joined; it may carry the house or start an engine.' } })
      return []
    }
    const block = CHEMISTRIES[cell.chemistry].nominalVoltage * cell.cellsInSeries,
      series = Math.round(nominalVoltage / block)
    if (series < 1 || series > had.count || Math.abs((series * block) / nominalVoltage - 1) > SAME_VOLTS) {
      left.push({
        had,
        why: {
          text: 'They give {v} in a string at most that suits, and the pack has {p}: they stay on your shelf.',
          params: { v: volts(Math.min(series || 1, had.count) * block), p: volts(nominalVoltage) },
        },
      })
      return []
    }
    return [
      { cell, series, parallel: Math.floor(had.count / series), health: had.health ?? 1, lowCut: null, highCut: null },
    ]
  })
  return { boat: strings.length > 0 ? withEdits(boat, [edit('design.banks.others', strings)]) : boat, left }
}

/**
 * The designed boat with what charges her of what the owner has, as her pack takes it.
 *
 * @param boat with her pack
 * @param have what he has
 * @param library charge controllers to choose from
 * @returns the boat; what is not used
 */
export function withChargersOf(
  boat: Project,
  have: readonly Had[],
  library: Library,
): { boat: Project; left: LeftOut[] } {
  const left: LeftOut[] = [],
    edits: Edit[] = []
  const { empty, full } = voltsOfPack(boat.design.pack)
  const [charger, ...chargers] = partsOf(have, 'charger')
  if (charger) {
    // a charger told by its power alone is one for this pack
    const open = (charger.part.estimated as string[]).includes('greatestVoltage')
    const { part } = open
      ? completePart('charger', { ...charger.given, leastVoltage: 0.85 * empty, greatestVoltage: 1.03 * full } as Part)
      : charger
    edits.push(
      edit('design.charging.charger', part as unknown as ChargerSpec),
      edit('design.charging.count', Math.min(8, charger.count)),
      edit('design.charging.each', 'pack'),
      edit('held.charger', true),
    )
  }
  const [panels, ...arrays] = partsOf(have, 'panel')
  if (panels) {
    const panel = panels.part as unknown as PanelSpec,
      own = partsOf(have, 'chargeController').map(h => h.part as unknown as Library['chargeControllers'][number])
    const array = {
      ...boat.design.solar,
      panel,
      series: 1,
      parallel: panels.count,
      controller: own[0] ?? null,
    }
    const wired = suitPanels(array, full, [...own, ...library.chargeControllers]) ?? {
      series: seriesBelow(panel, panels.count, full, array.coldest),
      parallel: 1,
      controller: null,
    }
    const strings = stringVoltage({ ...array, series: wired.series })
    edits.push(
      edit('design.solar', {
        ...array,
        fitted: true,
        series: wired.series,
        parallel: Math.max(1, Math.floor(panels.count / wired.series)),
        controller:
          wired.controller ??
          standInChargeController(boat.design.pack as PackSpec, { ...strings, power: panels.count * panel.power }),
      }),
      edit('design.charging.sun', true),
      edit('held.panels', true),
    )
  }
  for (const had of [...chargers, ...arrays])
    left.push({ had, why: { text: 'One kind stands in the first design; add this one on its bench.' } })
  if (!panels)
    for (const had of partsOf(have, 'chargeController'))
      left.push({ had, why: { text: 'It waits on your shelf for panels.' } })
  return { boat: withEdits(boat, edits), left }
}

/** Panels in a string whose volts stay below the pack's when cold, so that a controller that lifts them can work. */
function seriesBelow(panel: PanelSpec, count: number, full: number, coldest: number): number {
  for (let series = count; series > 1; series--)
    if (count % series === 0 && stringVoltage({ series, panel, coldest }).cold <= full) return series
  return 1
}
