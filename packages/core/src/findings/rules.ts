import type { Rule } from './finding'
import { bladeLoading } from './rules/bladeLoading'
import { bankUneven } from './rules/bankUneven'
import { blockCutOff } from './rules/blockCutOff'
import { bmsAmps } from './rules/bmsAmps'
import { boxUnvented } from './rules/boxUnvented'
import { cableDrop } from './rules/cableDrop'
import { cableHeat } from './rules/cableHeat'
import { cavitation } from './rules/cavitation'
import { chargersBeyondBms } from './rules/chargersBeyondBms'
import { chargerAboveCells } from './rules/chargerAboveCells'
import { chargerInlet } from './rules/chargerInlet'
import { chargerWindow } from './rules/chargerWindow'
import { chargeTakenByHouse } from './rules/chargeTakenByHouse'
import { coldCharge } from './rules/coldCharge'
import { coolingWeak } from './rules/coolingWeak'
import { couplingRuns } from './rules/couplingRuns'
import { contactorRating } from './rules/contactorRating'
import { controllerCurrent } from './rules/controllerCurrent'
import { controllerHeat } from './rules/controllerHeat'
import { controllerPlate } from './rules/controllerPlate'
import { crewMoves } from './rules/crewMoves'
import { cruiseAboveTop } from './rules/cruiseAboveTop'
import { dimensionsOdd } from './rules/dimensionsOdd'
import { efficiencyDoubt } from './rules/efficiencyDoubt'
import { fuseAboveCable } from './rules/fuseAboveCable'
import { fuseInterrupt } from './rules/fuseInterrupt'
import { fuseNone } from './rules/fuseNone'
import { fuseSmall } from './rules/fuseSmall'
import { fuseVoltage } from './rules/fuseVoltage'
import { gearSpeed } from './rules/gearSpeed'
import { gearTorque } from './rules/gearTorque'
import { generatorHump } from './rules/generatorHump'
import { generatorWeak } from './rules/generatorWeak'
import { chargerNarrow } from './rules/chargerNarrow'
import { noChangeover } from './rules/noChangeover'
import { heatCruise } from './rules/heatCruise'
import { heatTop } from './rules/heatTop'
import { houseConverter } from './rules/houseConverter'
import { houseTogether } from './rules/houseTogether'
import { humpClimb } from './rules/humpClimb'
import { jetFits } from './rules/jetFits'
import { jetSuction } from './rules/jetSuction'
import { lowCutOff } from './rules/lowCutOff'
import { lowPackSpeed } from './rules/lowPackSpeed'
import { methodsApart } from './rules/methodsApart'
import { mixedStrings } from './rules/mixedStrings'
import { motorNameplate } from './rules/motorNameplate'
import { motorOversized } from './rules/motorOversized'
import { motorPoorLoad } from './rules/motorPoorLoad'
import { motorRating } from './rules/motorRating'
import { motorSpeed } from './rules/motorSpeed'
import { noBonding } from './rules/noBonding'
import { noChargeRelays } from './rules/noChargeRelays'
import { noContactor } from './rules/noContactor'
import { noDisconnect } from './rules/noDisconnect'
import { noEmergencyStop } from './rules/noEmergencyStop'
import { noGalvanicIsolator } from './rules/noGalvanicIsolator'
import { noInsulationWatch } from './rules/noInsulationWatch'
import { noPrecharge } from './rules/noPrecharge'
import { noShunt } from './rules/noShunt'
import { noWayHome } from './rules/noWayHome'
import { otherArrays } from './rules/otherArrays'
import { capacityPlate } from './rules/capacityPlate'
import { trimOff } from './rules/trimOff'
import { licensedMissing } from './rules/licensedMissing'
import { listOff } from './rules/listOff'
import { weightHigh } from './rules/weightHigh'
import { stepOverridden } from './rules/stepOverridden'
import { cellsApart } from './rules/cellsApart'
import { powerStopped } from './rules/powerStopped'
import { lugsNotSeen } from './rules/lugsNotSeen'
import { budgetOver } from './rules/budgetOver'
import { partLate } from './rules/partLate'
import { capacityBelow } from './rules/capacityBelow'
import { cellsDrift } from './rules/cellsDrift'
import { resistanceRisen } from './rules/resistanceRisen'
import { warmerNow } from './rules/warmerNow'
import { tripsBelowReserve } from './rules/tripsBelowReserve'
import { dueLate } from './rules/dueLate'
import { logContradicts } from './rules/logContradicts'
import { jointWarm } from './rules/jointWarm'
import { takesMoreNow } from './rules/takesMoreNow'
import { oneWayTrial } from './rules/oneWayTrial'
import { taskUninspected } from './rules/taskUninspected'
import { overloaded } from './rules/overloaded'
import { packAboveWindow } from './rules/packAboveWindow'
import { packBelowWindow } from './rules/packBelowWindow'
import { packCurrent } from './rules/packCurrent'
import { packOutgrown } from './rules/packOutgrown'
import { packPlace } from './rules/packPlace'
import { packRoom } from './rules/packRoom'
import { panelsUncontrolled } from './rules/panelsUncontrolled'
import { panelVolts } from './rules/panelVolts'
import { phaseCurrent } from './rules/phaseCurrent'
import { platesUnknown } from './rules/platesUnknown'
import { petrolVapour } from './rules/petrolVapour'
import { pitchMatch } from './rules/pitchMatch'
import { porpoising } from './rules/porpoising'
import { prechargeRate } from './rules/prechargeRate'
import { propellerDiameter } from './rules/propellerDiameter'
import { propellerSeries } from './rules/propellerSeries'
import { propellerUnlocked } from './rules/propellerUnlocked'
import { stopByComputer } from './rules/stopByComputer'
import { terminalsOpen } from './rules/terminalsOpen'
import { rangeShort } from './rules/rangeShort'
import { regenAmps } from './rules/regenAmps'
import { rotation } from './rules/rotation'
import { shoreVolts } from './rules/shoreVolts'
import { shoreWeak } from './rules/shoreWeak'
import { slipOdd } from './rules/slipOdd'
import { smallBlades } from './rules/smallBlades'
import { tipSpeed } from './rules/tipSpeed'
import { topBeyondHull } from './rules/topBeyondHull'
import { touchVoltage } from './rules/touchVoltage'
import { weightUnknown } from './rules/weightUnknown'
import { windHolding } from './rules/windHolding'

/** Every rule, by its short name, in the order in which they are told. A new one is its own file and its line here. */
export const RULES = {
  dimensionsOdd,
  powerStopped,
  cellsApart,
  lugsNotSeen,
  stepOverridden,
  budgetOver,
  taskUninspected,
  licensedMissing,
  partLate,
  capacityBelow,
  cellsDrift,
  resistanceRisen,
  warmerNow,
  tripsBelowReserve,
  dueLate,
  logContradicts,
  jointWarm,
  takesMoreNow,
  oneWayTrial,
  capacityPlate,
  trimOff,
  listOff,
  weightHigh,
  crewMoves,
  overloaded,
  packAboveWindow,
  packBelowWindow,
  packCurrent,
  rangeShort,
  touchVoltage,
  lowPackSpeed,
  controllerPlate,
  controllerCurrent,
  phaseCurrent,
  controllerHeat,
  regenAmps,
  motorNameplate,
  motorRating,
  motorSpeed,
  motorPoorLoad,
  motorOversized,
  platesUnknown,
  heatCruise,
  heatTop,
  coolingWeak,
  couplingRuns,
  rotation,
  propellerDiameter,
  cavitation,
  tipSpeed,
  propellerSeries,
  jetFits,
  jetSuction,
  efficiencyDoubt,
  pitchMatch,
  bladeLoading,
  windHolding,
  slipOdd,
  smallBlades,
  gearTorque,
  gearSpeed,
  fuseNone,
  fuseAboveCable,
  fuseInterrupt,
  fuseVoltage,
  fuseSmall,
  cableHeat,
  cableDrop,
  contactorRating,
  bmsAmps,
  packPlace,
  boxUnvented,
  noContactor,
  noPrecharge,
  prechargeRate,
  noEmergencyStop,
  stopByComputer,
  terminalsOpen,
  petrolVapour,
  propellerUnlocked,
  noDisconnect,
  noShunt,
  noInsulationWatch,
  noChargeRelays,
  houseTogether,
  chargerWindow,
  chargerAboveCells,
  chargersBeyondBms,
  coldCharge,
  shoreWeak,
  chargerInlet,
  shoreVolts,
  blockCutOff,
  lowCutOff,
  mixedStrings,
  bankUneven,
  packRoom,
  packOutgrown,
  noWayHome,
  houseConverter,
  panelVolts,
  otherArrays,
  panelsUncontrolled,
  generatorWeak,
  generatorHump,
  chargerNarrow,
  noChangeover,
  chargeTakenByHouse,
  noGalvanicIsolator,
  noBonding,
  cruiseAboveTop,
  topBeyondHull,
  methodsApart,
  weightUnknown,
  humpClimb,
  porpoising,
} as const satisfies Record<string, Rule>

/** The short name of a rule. */
export type RuleId = keyof typeof RULES
