import type { Rule } from './finding'
import { cavitation } from './rules/cavitation'
import { controllerCurrent } from './rules/controllerCurrent'
import { cruiseAboveTop } from './rules/cruiseAboveTop'
import { efficiencyDoubt } from './rules/efficiencyDoubt'
import { jetFits } from './rules/jetFits'
import { jetSuction } from './rules/jetSuction'
import { methodsApart } from './rules/methodsApart'
import { motorNameplate } from './rules/motorNameplate'
import { motorPoorLoad } from './rules/motorPoorLoad'
import { motorRating } from './rules/motorRating'
import { motorSpeed } from './rules/motorSpeed'
import { packAboveWindow } from './rules/packAboveWindow'
import { packBelowWindow } from './rules/packBelowWindow'
import { packCurrent } from './rules/packCurrent'
import { phaseCurrent } from './rules/phaseCurrent'
import { propellerDiameter } from './rules/propellerDiameter'
import { propellerSeries } from './rules/propellerSeries'
import { rangeShort } from './rules/rangeShort'
import { tipSpeed } from './rules/tipSpeed'
import { topBeyondHull } from './rules/topBeyondHull'
import { touchVoltage } from './rules/touchVoltage'
import { weightUnknown } from './rules/weightUnknown'

/** Every rule. A new one is its own file and one line here. */
export const RULES: readonly Rule[] = [
  packAboveWindow, packBelowWindow, packCurrent, rangeShort, touchVoltage,
  controllerCurrent, phaseCurrent,
  motorNameplate, motorRating, motorSpeed, motorPoorLoad,
  propellerDiameter, cavitation, tipSpeed, propellerSeries, jetFits, jetSuction, efficiencyDoubt,
  cruiseAboveTop, topBeyondHull, methodsApart, weightUnknown,
]
