import { IDLE_DRAG, propellerDrag, TONNE_SCHOOLS, type IdlePropeller, type TonneSchool } from '../resistance'
import { PACK_MOVE, planingReading, type Evaluation, type PlaningReading } from '../system'
import { ALWAYS, HULL_FIELDS, type Figure } from './figure'

const PLANING_FIELDS = [...HULL_FIELDS, 'boat.deadrise', 'boat.lcg'] as const

/** A figure of how a planing hull runs; only at speeds that the planing equations cover. */
function planingFigure(
  label: string,
  quantity: 'angle' | 'length',
  formula: string,
  source: string,
  read: (p: PlaningReading) => number,
): Figure {
  const reading = ({ model, point }: Evaluation) => planingReading(model, point.speed)
  return {
    label,
    quantity,
    part: 'hull',
    formula,
    source,
    depends: PLANING_FIELDS,
    applies: e => reading(e) !== null,
    read: e => {
      const p = reading(e)
      return { value: p ? read(p) : 0 }
    },
    inputs: ({ model, point }) => [
      { value: model.project.boat.mass, quantity: 'mass', what: 'weight' },
      { value: model.form.bottom?.beamChine ?? null, quantity: 'length', what: 'beam over the chines' },
      { value: model.form.bottom?.lcg ?? null, quantity: 'length', what: 'balance point, forward of the transom' },
      { value: model.form.bottom?.deadrise ?? null, quantity: 'angle', what: 'deadrise' },
      { value: model.pack.mass, quantity: 'partMass', what: 'pack' },
      { value: point.speed, quantity: 'speed', what: 'the lever' },
    ],
    holds: () => ({ text: 'Flat water, speed coefficient 0.6 to 13, trim 2 to 15 degrees, no spray rails or steps.' }),
  }
}

const SAVITSKY = 'Savitsky 1964: lift and moment in balance'

/** What a school of kW a tonne would fit, middle and range. */
function schoolFigure(id: TonneSchool['id']): Figure {
  const school = TONNE_SCHOOLS.find(s => s.id === id)!
  return {
    label: school.label,
    quantity: 'electricPower',
    part: 'hull',
    read: ({ model }) => {
      const { mass } = model.project.boat
      return { value: ((school.from + school.to) / 2) * mass, low: school.from * mass, high: school.to * mass }
    },
    formula: `power = ${school.from} to ${school.to} kW × tonnes`,
    inputs: ({ model }) => [{ value: model.project.boat.mass, quantity: 'mass', what: 'weight' }],
    source: 'Rule of thumb (common practice); it knows nothing of length or speed',
    holds: () => ({
      text: 'Displacement boats of usual proportions. Where it differs from the methods, believe the methods.',
    }),
    depends: ['boat.mass'],
  }
}

/** Drag of the propeller that does not drive. */
function towedFigure(state: IdlePropeller, label: string): Figure {
  const waterSpeed = ({ model, point }: Evaluation) => point.speed * (1 - model.interaction.wakeFraction)
  return {
    label,
    quantity: 'force',
    part: 'propeller',
    applies: ({ model }) => model.propulsor.kind === 'propeller',
    read: e => {
      const { diameter, areaRatio } = e.model.project.design.propeller
      return { value: propellerDrag(state, diameter, areaRatio, waterSpeed(e), e.model.water.density) }
    },
    formula: `drag = ½ density × speed² × ${IDLE_DRAG[state]} × blade area`,
    inputs: e => [
      { value: waterSpeed(e), quantity: 'speed', what: 'water at the propeller' },
      { value: e.model.project.design.propeller.diameter, quantity: 'smallLength', what: 'diameter' },
      { value: e.model.project.design.propeller.areaRatio, quantity: 'plain', what: 'blade area' },
    ],
    source: 'Drag on the blade area (Larsson & Eliasson, from memory of)',
    holds: ALWAYS,
    depends: ['design.propeller.diameter', 'design.propeller.areaRatio'],
  }
}

/** Figures beside the power curve: how she planes, rules of thumb, the propeller towed under sail. */
export const CURVE_FIGURES = {
  planingTrim: planingFigure(
    'Runs bow up by',
    'angle',
    'trim = the angle at which lift carries her and its moment balances her weight',
    SAVITSKY,
    p => p.trim,
  ),
  porpoisingTrim: planingFigure(
    'Porpoises above',
    'angle',
    'limit = polynomial of load and deadrise',
    'Celano 1998, from memory; on the safe side',
    p => p.porpoisingTrim,
  ),
  wettedKeel: planingFigure(
    'Keel wet over',
    'length',
    'wetted length at the keel = mean wetted length + half of what deadrise and trim add',
    SAVITSKY,
    p => p.keelLength,
  ),
  trimForward: planingFigure(
    'Pack a little forward',
    'angle',
    `${PACK_MOVE} m: trim with the balance point moved by pack ÷ boat × way`,
    SAVITSKY,
    p => p.trimForward,
  ),
  trimAft: planingFigure(
    'Pack a little aft',
    'angle',
    `${PACK_MOVE} m: trim with the balance point moved by pack ÷ boat × way`,
    SAVITSKY,
    p => p.trimAft,
  ),
  schoolModest: schoolFigure('modest'),
  schoolComfortable: schoolFigure('comfortable'),
  schoolAsBefore: schoolFigure('asBefore'),
  towedLocked: towedFigure('locked', 'Locked'),
  towedFree: towedFigure('freewheeling', 'Turning free'),
  towedFolded: towedFigure('folded', 'Folded'),
} satisfies Record<string, Figure>
