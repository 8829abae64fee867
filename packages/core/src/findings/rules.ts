import type { Rule } from './finding'
import { bladeLoading } from './rules/bladeLoading'
import { cavitation } from './rules/cavitation'
import { controllerCurrent } from './rules/controllerCurrent'
import { controllerHeat } from './rules/controllerHeat'
import { cruiseAboveTop } from './rules/cruiseAboveTop'
import { efficiencyDoubt } from './rules/efficiencyDoubt'
import { gearSpeed } from './rules/gearSpeed'
import { gearTorque } from './rules/gearTorque'
import { heatCruise } from './rules/heatCruise'
import { heatTop } from './rules/heatTop'
import { humpClimb } from './rules/humpClimb'
import { jetFits } from './rules/jetFits'
import { jetSuction } from './rules/jetSuction'
import { lowPackSpeed } from './rules/lowPackSpeed'
import { methodsApart } from './rules/methodsApart'
import { motorNameplate } from './rules/motorNameplate'
import { motorPoorLoad } from './rules/motorPoorLoad'
import { motorRating } from './rules/motorRating'
import { motorSpeed } from './rules/motorSpeed'
import { packAboveWindow } from './rules/packAboveWindow'
import { packBelowWindow } from './rules/packBelowWindow'
import { packCurrent } from './rules/packCurrent'
import { phaseCurrent } from './rules/phaseCurrent'
import { pitchMatch } from './rules/pitchMatch'
import { porpoising } from './rules/porpoising'
import { propellerDiameter } from './rules/propellerDiameter'
import { propellerSeries } from './rules/propellerSeries'
import { rangeShort } from './rules/rangeShort'
import { regenAmps } from './rules/regenAmps'
import { rotation } from './rules/rotation'
import { slipOdd } from './rules/slipOdd'
import { smallBlades } from './rules/smallBlades'
import { tipSpeed } from './rules/tipSpeed'
import { topBeyondHull } from './rules/topBeyondHull'
import { touchVoltage } from './rules/touchVoltage'
import { weightUnknown } from './rules/weightUnknown'
import { windHolding } from './rules/windHolding'

/** Every rule. A new one is its own file and one line here. */
export const RULES: readonly Rule[] = [
  packAboveWindow, packBelowWindow, packCurrent, rangeShort, touchVoltage, lowPackSpeed,
  controllerCurrent, phaseCurrent, controllerHeat, regenAmps,
  motorNameplate, motorRating, motorSpeed, motorPoorLoad, heatCruise, heatTop, rotation,
  propellerDiameter, cavitation, tipSpeed, propellerSeries, jetFits, jetSuction, efficiencyDoubt, pitchMatch, bladeLoading, windHolding, slipOdd, smallBlades, gearTorque, gearSpeed,
  cruiseAboveTop, topBeyondHull, methodsApart, weightUnknown, humpClimb, porpoising,
]
