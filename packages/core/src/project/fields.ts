import { METRIC_UNITS, quantityText, type QuantityId, type UnitChoice } from '../units'

/** A number in the document: its label, kind, allowed range (as stored) and a hint in an owner's words. */
export interface Field {
  label: string
  quantity: QuantityId
  least: number
  most: number
  hint?: string
  /** units of the document in one SI unit, where the document keeps another (rpm: 60 in one rev/s) */
  storedPerSi?: number
}

/** Every number that an owner may change, by its path. Forms, messages, schema and workings all read it here. */
export const FIELDS = {
  'boat.lengthOverAll': { label: 'Length over all', quantity: 'length', least: 2, most: 40, hint: 'Stem to stern, without pulpit or rudder' },
  'boat.lengthWaterline': { label: 'Waterline', quantity: 'length', least: 1.5, most: 40, hint: 'Where the water meets stem and stern, laden' },
  'boat.beam': { label: 'Greatest beam', quantity: 'length', least: 0.4, most: 12 },
  'boat.beamWaterline': { label: 'Beam at the waterline', quantity: 'length', least: 0.3, most: 12 },
  'boat.draught': { label: 'Draught', quantity: 'length', least: 0.08, most: 5, hint: 'Keel included' },
  'boat.mass': { label: 'Weight', quantity: 'mass', least: 20, most: 150_000, hint: 'Afloat and laden, with crew' },
  'boat.massUncertainty': { label: 'Weight may be wrong by', quantity: 'ratio', least: 0, most: 0.5 },
  'boat.prismatic': { label: 'Prismatic coefficient', quantity: 'plain', least: 0.4, most: 0.95, hint: 'How full the ends are' },
  'boat.midship': { label: 'Midship coefficient', quantity: 'plain', least: 0.4, most: 1, hint: 'How full the middle section is' },
  'boat.waterplane': { label: 'Waterplane coefficient', quantity: 'plain', least: 0.5, most: 1 },
  'boat.lcb': { label: 'Centre of buoyancy', quantity: 'ratio', least: -0.1, most: 0.1, hint: 'Forward of the middle; aft is negative' },
  'boat.hullBeam': { label: 'Beam of one hull', quantity: 'length', least: 0.15, most: 4, hint: 'At the water; of a tube, its diameter' },
  'boat.hullSpacing': { label: 'Hulls apart', quantity: 'length', least: 0.2, most: 12, hint: 'Middle of one to middle of the next' },
  'boat.deadrise': { label: 'Deadrise', quantity: 'angle', least: 0, most: 0.52, hint: 'Slope of the bottom, halfway along' },
  'boat.lcg': { label: 'Balance point', quantity: 'length', least: 0.3, most: 20, hint: 'Forward of the transom' },
  'boat.waterDepth': { label: 'Water depth', quantity: 'length', least: 0.3, most: 200, hint: 'Where you mostly go; empty for deep' },
  'boat.waterTemperature': { label: 'Water temperature', quantity: 'temperature', least: 272, most: 308 },
  'boat.oldEngine.ratedPower': { label: 'Old engine', quantity: 'power', least: 0, most: 500_000, hint: 'As on its plate; 0 if there is none' },
  'boat.oldEngine.ratedRpm': { label: 'Its rated speed', quantity: 'rotation', least: 300, most: 9000, storedPerSi: 60 },
  'boat.oldEngine.usualRpm': { label: 'Rpm you really ran', quantity: 'rotation', least: 200, most: 9000, storedPerSi: 60, hint: 'At your usual speed' },
  'boat.oldEngine.fuelRate': { label: 'Fuel it burnt', quantity: 'fuelRate', least: 0, most: 0.0001, hint: 'In an hour, at that speed' },
  'boat.oldEngine.mass': { label: 'What comes out weighs', quantity: 'partMass', least: 0, most: 5000, hint: 'Engine, gearbox, exhaust, tank' },
  'boat.drive.legRatio': { label: 'Ratio in the leg', quantity: 'plain', least: 1, most: 4 },
  'boat.drive.greatestDiameter': { label: 'Largest propeller', quantity: 'smallLength', least: 0.08, most: 2, hint: 'That fits with 15\u00A0% of its size free to the hull' },
  'boat.drive.shaftDepth': { label: 'Shaft below the water', quantity: 'length', least: 0.05, most: 4, hint: 'At the propeller' },
  'boat.drive.torqueLimit': { label: 'Old gears stand', quantity: 'torque', least: 1, most: 5000, hint: 'At their input: torque of the old engine, or as printed' },
  'boat.drive.rpmLimit': { label: 'Old gears turn at most', quantity: 'rotation', least: 100, most: 9000, storedPerSi: 60 },
  'use.cruiseSpeed': { label: 'Cruise', quantity: 'speed', least: 0.2, most: 20 },
  'use.topSpeed': { label: 'Top', quantity: 'speed', least: 0.2, most: 25, hint: 'All day, against wind and tide' },
  'use.duration': { label: 'Hours at cruise', quantity: 'duration', least: 60, most: 1_440_000 },
  'use.distance': { label: 'Distance at cruise', quantity: 'distance', least: 50, most: 4_000_000 },
  'use.reserve': { label: 'Reserve', quantity: 'ratio', least: 0, most: 0.6, hint: 'Of the usable energy, never planned with' },
  'use.headroom': { label: 'Headroom', quantity: 'ratio', least: 0, most: 0.6, hint: 'Kept free of every rating at cruise' },
  'use.houseLoad': { label: 'House load', quantity: 'smallPower', least: 0, most: 20_000, hint: 'Lights, instruments, fridge, on average' },
  'use.seaMargin': { label: 'Sea margin', quantity: 'ratio', least: 0, most: 1.5, hint: 'Calm 10\u00A0%, chop 20 to 30\u00A0%, head sea 50\u00A0%' },
  'use.ambient': { label: 'Hot day beside the motor', quantity: 'temperature', least: 263, most: 338 },
  'use.outings': { label: 'Outings in a year', quantity: 'count', least: 0, most: 366, hint: 'As long as above' },
  'use.place.latitude': { label: 'Latitude', quantity: 'coordinate', least: -1.5708, most: 1.5708, hint: 'South is negative' },
  'use.place.longitude': { label: 'Longitude', quantity: 'coordinate', least: -3.1416, most: 3.1416, hint: 'West is negative' },
  'use.headWind': { label: 'Head wind', quantity: 'speed', least: 0, most: 40 },
  'design.motor.ratedPower': { label: 'Rated power', quantity: 'power', least: 1, most: 500_000, hint: 'At the shaft, all day' },
  'design.motor.ratedRpm': { label: 'Rated speed', quantity: 'rotation', least: 50, most: 20_000, storedPerSi: 60 },
  'design.motor.ratedVoltage': { label: 'Rated voltage', quantity: 'voltage', least: 6, most: 1000 },
  'design.motor.ratedEfficiency': { label: 'Efficiency there', quantity: 'ratio', least: 0.4, most: 0.985 },
  'design.motor.kvRpmPerVolt': { label: 'Speed per volt', quantity: 'speedPerVolt', least: 0.5, most: 2000 },
  'design.motor.noLoadCurrent': { label: 'Amps turning free', quantity: 'current', least: 0, most: 200 },
  'design.motor.peakPower': { label: 'Peak power', quantity: 'power', least: 1, most: 1_000_000 },
  'design.motor.peakSeconds': { label: 'Peak holds for', quantity: 'duration', least: 1, most: 7200 },
  'design.motor.greatestRpm': { label: 'Greatest speed', quantity: 'rotation', least: 50, most: 30_000, storedPerSi: 60 },
  'design.motor.leastVoltage': { label: 'Works from', quantity: 'voltage', least: 1, most: 1000 },
  'design.motor.greatestVoltage': { label: 'Works up to', quantity: 'voltage', least: 1, most: 1500 },
  'design.motor.mass': { label: 'Motor weighs', quantity: 'partMass', least: 0.1, most: 1000 },
  'design.controller.leastVoltage': { label: 'Works from', quantity: 'voltage', least: 1, most: 1000 },
  'design.controller.greatestVoltage': { label: 'Works up to', quantity: 'voltage', least: 1, most: 1500 },
  'design.controller.batteryCurrent': { label: 'Battery amps, all day', quantity: 'current', least: 1, most: 2000 },
  'design.controller.batteryCurrentPeak': { label: 'For a minute', quantity: 'current', least: 1, most: 3000 },
  'design.controller.phaseCurrent': { label: 'Motor amps, all day', quantity: 'current', least: 1, most: 3000 },
  'design.controller.phaseCurrentPeak': { label: 'For a minute', quantity: 'current', least: 1, most: 5000 },
  'design.controller.rollbackFrom': { label: 'Cuts back from', quantity: 'temperature', least: 300, most: 420 },
  'design.controller.rollbackTo': { label: 'Off at', quantity: 'temperature', least: 305, most: 440 },
  'design.controller.regenCurrent': { label: 'Regeneration, amps', quantity: 'current', least: 0, most: 2000 },
  'design.throttle.deadband': { label: 'Nothing happens up to', quantity: 'ratio', least: 0, most: 0.3, hint: 'Of the lever’s way' },
  'design.throttle.rampUp': { label: 'From stop to full in', quantity: 'seconds', least: 0.1, most: 20 },
  'design.throttle.rampDown': { label: 'From full to stop in', quantity: 'seconds', least: 0.1, most: 10 },
  'design.reduction.ratio': { label: 'Motor turns per shaft turn', quantity: 'plain', least: 0.5, most: 12 },
  'design.propeller.diameter': { label: 'Diameter', quantity: 'smallLength', least: 0.08, most: 2 },
  'design.propeller.pitch': { label: 'Pitch', quantity: 'smallLength', least: 0.03, most: 3 },
  'design.propeller.areaRatio': { label: 'Blade area', quantity: 'plain', least: 0.2, most: 1.2, hint: 'Share of the disc' },
  'design.propeller.efficiencyFactor': { label: 'Against the tested series', quantity: 'ratio', least: 0.6, most: 1.1, hint: 'Calibrate it when you have measured' },
  'design.propeller.blades': { label: 'Blades', quantity: 'count', least: 2, most: 7 },
  'design.jet.impellerDiameter': { label: 'Impeller', quantity: 'smallLength', least: 0.08, most: 1, hint: 'Across its blades' },
  'design.jet.nozzleDiameter': { label: 'Nozzle', quantity: 'smallLength', least: 0.03, most: 0.7, hint: 'Inside, where the jet leaves' },
  'design.jet.ratedPower': { label: 'Pump takes', quantity: 'power', least: 500, most: 500_000, hint: 'At its rated speed' },
  'design.jet.ratedRpm': { label: 'Pump’s rated speed', quantity: 'rotation', least: 300, most: 9000, storedPerSi: 60 },
  'design.jet.pumpEfficiency': { label: 'Pump efficiency', quantity: 'ratio', least: 0.5, most: 0.93, hint: 'Of the pump alone; 0.80 to 0.90 is usual' },
  'design.pack.series': { label: 'In series', quantity: 'count', least: 1, most: 400 },
  'design.pack.parallel': { label: 'In parallel', quantity: 'count', least: 1, most: 100 },
  'design.pack.chargeVoltage': { label: 'Full at, per cell', quantity: 'cellVoltage', least: 1.5, most: 4.5 },
  'design.pack.cell.capacityAh': { label: 'Capacity of a cell', quantity: 'charge', least: 0.5, most: 2000 },
  'design.banks.count': { label: 'Banks that drive alone', quantity: 'count', least: 1, most: 8, hint: 'Each with its own fuse, contactor and management' },
  'design.banks.health': { label: 'Capacity left', quantity: 'ratio', least: 0.3, most: 1, hint: 'Second-hand: as tested, of what is printed' },
  'design.banks.lowCut': { label: 'Block cuts off empty at', quantity: 'voltage', least: 0.5, most: 1000, hint: 'Where its own management opens; empty if it has none' },
  'design.banks.highCut': { label: 'Block cuts off full at', quantity: 'voltage', least: 0.5, most: 1000 },
  'design.banks.owned': { label: 'Blocks you have', quantity: 'count', least: 1, most: 400, hint: 'Bought already; empty if none' },
  'design.solar.series': { label: 'Panels in a string', quantity: 'count', least: 1, most: 40 },
  'design.solar.parallel': { label: 'Strings', quantity: 'count', least: 1, most: 40 },
  'design.solar.tilt': { label: 'Tilt from flat', quantity: 'angle', least: 0, most: 1.5708 },
  'design.solar.heading': { label: 'Faces', quantity: 'angle', least: 0, most: 6.2832, hint: 'By the compass: 180° is south' },
  'design.solar.shading': { label: 'Lost to shade', quantity: 'ratio', least: 0, most: 0.95, hint: 'By rigging, canopy, trees: 10 to 30\u00A0% is usual' },
  'design.solar.coldest': { label: 'Coldest morning', quantity: 'temperature', least: 213, most: 303, hint: 'Cold panels have the most volts' },
  'design.wiring.dcdcLeast': { label: 'House converter from', quantity: 'voltage', least: 6, most: 1000, hint: 'Volts of the pack' },
  'design.wiring.dcdcGreatest': { label: 'House converter up to', quantity: 'voltage', least: 6, most: 1500 },
  'design.wiring.dcdcPower': { label: 'House converter gives', quantity: 'smallPower', least: 5, most: 20_000 },
  'design.wiring.mainLength': { label: 'Pack to controller', quantity: 'length', least: 0.1, most: 30, hint: 'As the cable goes, one way' },
  'design.wiring.motorLength': { label: 'Controller to motor', quantity: 'length', least: 0.1, most: 30, hint: 'One way' },
  'design.wiring.chargeLength': { label: 'Charger to pack', quantity: 'length', least: 0.1, most: 60, hint: 'One way' },
  'design.wiring.houseLength': { label: 'Pack to house converter', quantity: 'length', least: 0.1, most: 60, hint: 'One way' },
  'design.wiring.panelLength': { label: 'Panels to their controller', quantity: 'length', least: 0.1, most: 60, hint: 'One way' },
  'design.wiring.bundled': { label: 'Conductors that lie together', quantity: 'count', least: 1, most: 60 },
  'design.wiring.mainArea': { label: 'Cable from the pack', quantity: 'copperArea', least: 0.75, most: 150, storedPerSi: 1e6 },
  'design.wiring.motorArea': { label: 'Cable to the motor', quantity: 'copperArea', least: 0.75, most: 150, storedPerSi: 1e6 },
  'design.wiring.contactorVoltage': { label: 'Contactor breaks', quantity: 'voltage', least: 6, most: 1500 },
  'design.wiring.contactorCurrent': { label: 'Contactor carries', quantity: 'current', least: 5, most: 2000 },
  'design.wiring.capacitance': { label: 'Controller’s input', quantity: 'capacitance', least: 1e-5, most: 0.2, hint: 'Its capacitors; 2 to 20 mF is usual' },
  'design.wiring.prechargeResistance': { label: 'Precharge resistor', quantity: 'bigResistance', least: 0.5, most: 10_000 },
  'design.wiring.bmsCurrent': { label: 'Battery guard switches', quantity: 'current', least: 1, most: 3000, hint: 'All day, as its plate says' },
  'design.charging.count': { label: 'Chargers', quantity: 'count', least: 1, most: 8, hint: 'Side by side' },
  'design.charging.shoreVoltage': { label: 'Shore volts', quantity: 'voltage', least: 90, most: 480 },
  'design.charging.shoreCurrent': { label: 'Shore breaker', quantity: 'current', least: 1, most: 200 },
  'design.charging.continuous': { label: 'Of it for hours', quantity: 'ratio', least: 0.3, most: 1, hint: '80\u00A0% is usual; more trips it or melts the plug' },
  'design.charging.generatorPower': { label: 'Generator', quantity: 'electricPower', least: 100, most: 100_000, hint: 'Rated, as on its plate' },
  'design.charging.generatorShare': { label: 'Of it for hours', quantity: 'ratio', least: 0.3, most: 1, hint: '70 to 80\u00A0% is usual' },
  'design.charging.generatorFuel': { label: 'It burns', quantity: 'fuelPerEnergy', least: 5e-11, most: 5e-10, hint: 'Diesel 0.35 to 0.5, petrol 0.5 to 0.8' },
  'design.charging.from': { label: 'Comes home with', quantity: 'ratio', least: 0, most: 0.95 },
  'design.charging.coldest': { label: 'Coldest pack on charge', quantity: 'temperature', least: 233, most: 318 },
  'design.systemVoltage': { label: 'System voltage', quantity: 'voltage', least: 6, most: 1000 },
} as const satisfies Record<string, Field>

/** A path of FIELDS. */
export type FieldPath = keyof typeof FIELDS

/**
 * Judges a new value for a field against its range.
 *
 * @param path the field
 * @param stored value as the document keeps it
 * @param choice the owner's units, for the message
 * @returns null when it will do, or a sentence with the range
 * @example fieldError('boat.mass', 4600) // null
 */
export function fieldError(path: FieldPath, stored: number, choice: UnitChoice = METRIC_UNITS): string | null {
  const field: Field = FIELDS[path]
  if (stored >= field.least && stored <= field.most) return null
  const show = (value: number) => quantityText(value / (field.storedPerSi ?? 1), field.quantity, choice)
  return `${field.label} runs from ${show(field.least)} to ${show(field.most)}; this is ${show(stored)}.`
}
