import type { FieldPath, FigureId } from '@remigo/core'
import type { BenchId } from '~/benches'

// Words that owners use, also the American ones, and the field, figure or bench that they mean.

/** Of fields, by path. */
export const FIELD_WORDS: Partial<Record<FieldPath, string>> = {
  'boat.lengthOverAll': 'LOA overall length boat length how long',
  'boat.lengthWaterline': 'LWL DWL length of waterline',
  'boat.beam': 'width how wide',
  'boat.draught': 'draft depth of keel how deep',
  'boat.mass': 'weight displacement tonnage pounds how heavy',
  'boat.deadrise': 'vee angle bottom angle',
  'boat.lcg': 'LCG centre of gravity center of gravity balance trim',
  'boat.drive.legRatio': 'lower unit gear ratio outdrive ratio',
  'boat.drive.greatestDiameter': 'prop clearance aperture tip clearance largest prop',
  'boat.drive.torqueLimit': 'gearbox torque transmission lower unit limit',
  'boat.oldEngine.ratedPower': 'horsepower hp of the diesel gas engine outboard',
  'boat.oldEngine.fuelRate': 'gph gallons per hour consumption',
  'boat.waterDepth': 'shallow canal depth',
  'use.cruiseSpeed': 'cruising speed knots mph',
  'use.topSpeed': 'maximum speed full speed top speed max',
  'use.topTime': 'minutes at full throttle pull tow skier tube towing',
  'use.duration': 'hours on the water run time runtime',
  'use.distance': 'miles range wanted',
  'use.reserve': 'safety margin kept back depth of discharge DOD',
  'use.headroom': 'margin spare rating',
  'use.houseLoad': 'hotel load domestic load fridge lights amps 12 volt',
  'use.seaMargin': 'waves chop weather margin rough',
  'use.headWind': 'wind',
  'use.place.latitude': 'location position gps where she lies',
  'design.propeller.diameter': 'prop size propeller size prop diameter wheel',
  'design.propeller.pitch': 'prop pitch propeller size',
  'design.propeller.areaRatio': 'blade area DAR EAR',
  'design.motor.ratedPower': 'motor size kilowatts horsepower continuous power nameplate',
  'design.motor.ratedRpm': 'motor speed revs',
  'design.motor.kvRpmPerVolt': 'KV rpm per volt',
  'design.controller.batteryCurrent': 'ESC inverter speed controller amps',
  'design.pack.series': 'cells in series S 16s',
  'design.pack.parallel': 'cells in parallel P strings',
  'design.pack.chargeVoltage': 'charge voltage absorption full volts',
  'design.pack.cell.capacityAh': 'amp hours Ah ampere hours battery capacity size',
  'design.systemVoltage': '48 V volts bus voltage pack voltage',
  'design.banks.health': 'state of health SOH used second hand battery',
  'design.banks.count': 'battery banks redundancy',
  'design.wiring.mainArea': 'AWG wire size gauge battery cable cross section',
  'design.wiring.mainLength': 'cable length wire run battery cable',
  'design.wiring.prechargeResistance': 'inrush precharge resistor',
  'design.wiring.bmsCurrent': 'BMS battery management guard switches amps',
  'design.wiring.dcdcPower': 'DC-DC converter 12 volt buck',
  'design.charging.shoreCurrent': 'shore power breaker amps outlet plug',
  'design.charging.shoreVoltage': 'shore power mains 120 240 volts outlet',
  'design.charging.count': 'chargers number',
  'design.charging.generatorPower': 'genset generator size range extender',
  'design.solar.series': 'solar panels in series string',
  'design.solar.shading': 'shade mast boom',
}

/** Of figures that are read to the reserve or until empty: Find leads to either. */
export const FIGURE_TITLES: Partial<Record<FigureId, string>> = {
  timeLeft: 'Time left',
  distanceLeft: 'Miles left',
  cruiseRange: 'Range at cruise',
}

/** Of figures. */
export const FIGURE_WORDS: Partial<Record<FigureId, string>> = {
  distanceLeft: 'range how far miles left',
  cruiseRange: 'range how far miles nautical miles on a charge',
  timeLeft: 'run time runtime endurance hours left',
  packPower: 'watts kilowatts consumption draw power used',
  packCurrent: 'amps draw battery current',
  packEnergy: 'battery size kWh capacity energy amp hours',
  packAvailable: 'usable energy depth of discharge DOD',
  packMass: 'battery weight',
  hullSpeed: 'hull speed displacement speed limit',
  slip: 'prop slip propeller slip',
  allDaySpeed: 'continuous speed top speed',
  minutesSpeed: 'peak speed burst speed sprint',
  energyPerDistance: 'watt hours per mile Wh per nm efficiency economy',
  overallEfficiency: 'total efficiency how efficient',
  thrust: 'push pounds of thrust',
  quayThrust: 'bollard pull static thrust pounds',
  propellerRpm: 'prop rpm shaft rpm revs',
  motorRpm: 'motor rpm revs',
  packYears: 'battery life lifetime cycles years',
  designPrice: 'cost price money budget',
  designMass: 'weight of the drive',
  packFull: 'full voltage charged volts',
}

/** Of benches. */
export const BENCH_WORDS: Partial<Record<BenchId, string>> = {
  boat: 'hull dimensions length beam weight old engine pedal kayak canoe dinghy pontoon growth waterline',
  use:
    'cruise speed hours range plan reserve how fast full throttle flat out what will it do skier tow ' +
    'fouling bottom paint',
  curve: 'resistance drag power speed trial readings methods measured watt meter first reading hump planing',
  propeller: 'prop wheel pitch diameter slip cavitation regeneration folding feathering left hand noise',
  motor:
    'controller ESC reduction gearbox heat cooling nameplate torque throttle brushes brushed hub belt ' +
    'overheat derating water cooling radiator bow motor spare motor thruster',
  pack:
    'battery batteries cells BMS amp hours lithium LFP wear no battery two batteries used second hand ' +
    'cells box vent cold strings',
  wiring:
    'cables AWG wire fuse contactor precharge one-line diagram ground earth emergency stop disconnect ' +
    'lugs crimp galvanic bonding touch',
  charging: 'charger shore power generator plug hours to full charge time',
  day: 'voyage trip route passage legs tide departure lock bridge stream current wind reach turn home GPX waypoints',
  under: 'helm now miles left turn home get home leg done position last turn',
  money: 'budget price cost order supplier shopping list running costs payback crane electrician',
  work: 'tasks schedule plan calendar photos pictures to do list alignment',
  power: 'commissioning first start precharge insulation polarity cell volts check list BMS trips',
  trial: 'sea trial measured mile runs both ways speed test instruments NMEA simulated boat steady stream',
  trips: 'log logbook diary passages GPX track import CSV miles hours season totals',
  health: 'capacity state of health SOH wear maintenance due service lugs infrared balance upgrade',
  helm: 'dashboard display gauges live speed power charge state of charge wake',
  weights:
    'mass kilograms trim list balance centre of gravity stability GM capacity plate ballast people ' +
    'passengers aboard roll heel',
  hybrid: 'generator series parallel engine diesel petrol gasoline fuel extender cost CO2 genset',
  year: 'sun solar panels MPPT charge controller photovoltaic direct solar cloud winter summer',
  sheet: 'print summary report compare designs variants',
  library: 'parts catalogue catalog motors batteries import CSV own my motor my cells shelf trolling outboard',
}
