import type { Rule } from './finding'
import { bladeLoading } from './rules/propeller/bladeLoading'
import { bankUneven } from './rules/pack/bankUneven'
import { blockCutOff } from './rules/pack/blockCutOff'
import { bmsAmps } from './rules/pack/bmsAmps'
import { boxUnvented } from './rules/pack/boxUnvented'
import { cableDrop } from './rules/wiring/cableDrop'
import { cableHeat } from './rules/wiring/cableHeat'
import { cavitation } from './rules/propeller/cavitation'
import { chargersBeyondBms } from './rules/charging/chargersBeyondBms'
import { chargerAboveCells } from './rules/charging/chargerAboveCells'
import { chargerInlet } from './rules/charging/chargerInlet'
import { chargerWindow } from './rules/charging/chargerWindow'
import { chargeTakenByHouse } from './rules/charging/chargeTakenByHouse'
import { coldCharge } from './rules/charging/coldCharge'
import { coolingWeak } from './rules/motor/coolingWeak'
import { couplingRuns } from './rules/motor/couplingRuns'
import { contactorRating } from './rules/wiring/contactorRating'
import { controllerCurrent } from './rules/motor/controllerCurrent'
import { controllerHeat } from './rules/motor/controllerHeat'
import { controllerPlate } from './rules/motor/controllerPlate'
import { crewMoves } from './rules/weights/crewMoves'
import { cruiseAboveTop } from './rules/hull/cruiseAboveTop'
import { dimensionsOdd } from './rules/hull/dimensionsOdd'
import { efficiencyDoubt } from './rules/hull/efficiencyDoubt'
import { fuseAboveCable } from './rules/wiring/fuseAboveCable'
import { fuseInterrupt } from './rules/wiring/fuseInterrupt'
import { fuseNone } from './rules/wiring/fuseNone'
import { fuseSmall } from './rules/wiring/fuseSmall'
import { fuseVoltage } from './rules/wiring/fuseVoltage'
import { gearSpeed } from './rules/motor/gearSpeed'
import { gearTorque } from './rules/motor/gearTorque'
import { generatorHump } from './rules/charging/generatorHump'
import { generatorWeak } from './rules/charging/generatorWeak'
import { chargerNarrow } from './rules/charging/chargerNarrow'
import { noChangeover } from './rules/charging/noChangeover'
import { heatCruise } from './rules/motor/heatCruise'
import { heatTop } from './rules/motor/heatTop'
import { houseConverter } from './rules/wiring/houseConverter'
import { houseTogether } from './rules/wiring/houseTogether'
import { humpClimb } from './rules/hull/humpClimb'
import { jetFits } from './rules/propeller/jetFits'
import { jetSuction } from './rules/propeller/jetSuction'
import { lowCutOff } from './rules/pack/lowCutOff'
import { lowPackSpeed } from './rules/pack/lowPackSpeed'
import { methodsApart } from './rules/hull/methodsApart'
import { mixedStrings } from './rules/pack/mixedStrings'
import { motorNameplate } from './rules/motor/motorNameplate'
import { motorOversized } from './rules/motor/motorOversized'
import { motorPoorLoad } from './rules/motor/motorPoorLoad'
import { motorRating } from './rules/motor/motorRating'
import { motorSpeed } from './rules/motor/motorSpeed'
import { noBonding } from './rules/wiring/noBonding'
import { noChargeRelays } from './rules/charging/noChargeRelays'
import { noContactor } from './rules/wiring/noContactor'
import { noDisconnect } from './rules/wiring/noDisconnect'
import { noEmergencyStop } from './rules/wiring/noEmergencyStop'
import { noGalvanicIsolator } from './rules/wiring/noGalvanicIsolator'
import { noInsulationWatch } from './rules/wiring/noInsulationWatch'
import { noPrecharge } from './rules/wiring/noPrecharge'
import { noShunt } from './rules/wiring/noShunt'
import { noWayHome } from './rules/hull/noWayHome'
import { otherArrays } from './rules/charging/otherArrays'
import { capacityPlate } from './rules/weights/capacityPlate'
import { trimOff } from './rules/weights/trimOff'
import { licensedMissing } from './rules/build/licensedMissing'
import { listOff } from './rules/weights/listOff'
import { weightHigh } from './rules/weights/weightHigh'
import { stepOverridden } from './rules/build/stepOverridden'
import { cellsApart } from './rules/pack/cellsApart'
import { powerStopped } from './rules/build/powerStopped'
import { lugsNotSeen } from './rules/build/lugsNotSeen'
import { budgetOver } from './rules/build/budgetOver'
import { partsToFind } from './rules/build/partsToFind'
import { partLate } from './rules/build/partLate'
import { capacityBelow } from './rules/pack/capacityBelow'
import { cellsDrift } from './rules/pack/cellsDrift'
import { resistanceRisen } from './rules/log/resistanceRisen'
import { warmerNow } from './rules/log/warmerNow'
import { tripsBelowReserve } from './rules/log/tripsBelowReserve'
import { dueLate } from './rules/log/dueLate'
import { logContradicts } from './rules/log/logContradicts'
import { jointWarm } from './rules/log/jointWarm'
import { takesMoreNow } from './rules/log/takesMoreNow'
import { oddReading } from './rules/log/oddReading'
import { oneWayTrial } from './rules/log/oneWayTrial'
import { taskUninspected } from './rules/build/taskUninspected'
import { overloaded } from './rules/weights/overloaded'
import { packAboveWindow } from './rules/pack/packAboveWindow'
import { packBelowWindow } from './rules/pack/packBelowWindow'
import { packCurrent } from './rules/pack/packCurrent'
import { packOutgrown } from './rules/pack/packOutgrown'
import { packPlace } from './rules/pack/packPlace'
import { packRoom } from './rules/pack/packRoom'
import { panelsUncontrolled } from './rules/charging/panelsUncontrolled'
import { panelVolts } from './rules/charging/panelVolts'
import { phaseCurrent } from './rules/motor/phaseCurrent'
import { platesUnknown } from './rules/motor/platesUnknown'
import { petrolVapour } from './rules/wiring/petrolVapour'
import { pitchMatch } from './rules/propeller/pitchMatch'
import { porpoising } from './rules/hull/porpoising'
import { prechargeRate } from './rules/wiring/prechargeRate'
import { propellerDiameter } from './rules/propeller/propellerDiameter'
import { propellerSeries } from './rules/propeller/propellerSeries'
import { propellerUnlocked } from './rules/propeller/propellerUnlocked'
import { stopByComputer } from './rules/wiring/stopByComputer'
import { terminalsOpen } from './rules/wiring/terminalsOpen'
import { rangeShort } from './rules/hull/rangeShort'
import { regenAmps } from './rules/motor/regenAmps'
import { rotation } from './rules/motor/rotation'
import { shoreVolts } from './rules/charging/shoreVolts'
import { shoreWeak } from './rules/charging/shoreWeak'
import { slipOdd } from './rules/propeller/slipOdd'
import { smallBlades } from './rules/propeller/smallBlades'
import { tipSpeed } from './rules/propeller/tipSpeed'
import { topBeyondHull } from './rules/hull/topBeyondHull'
import { touchVoltage } from './rules/pack/touchVoltage'
import { weightUnknown } from './rules/hull/weightUnknown'
import { windHolding } from './rules/hull/windHolding'

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
  partsToFind,
  capacityBelow,
  cellsDrift,
  resistanceRisen,
  warmerNow,
  tripsBelowReserve,
  dueLate,
  logContradicts,
  jointWarm,
  takesMoreNow,
  oddReading,
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
