import { IDLE_DRAG, TONNE_SCHOOLS, type IdlePropeller, type TonneSchool } from '../resistance'
import { PACK_MOVE, planingReading, type Evaluation, type PlaningReading } from '../system'
import { ALWAYS, figure, HULL_FIELDS, length, of, partMass, plain, size, speed, type Figure } from './figure'

const PLANING_FIELDS = [...HULL_FIELDS, 'boat.deadrise', 'boat.lcg'] as const

/** A figure of how a planing hull runs; only at speeds that the planing equations cover. */
function planingFigure(
  label: string,
  quantity: 'angle' | 'length',
  words: string,
  source: string,
  read: (p: PlaningReading) => number,
): Figure {
  const reading = ({ model, point }: Evaluation) => planingReading(model, point.speed)
  return figure({
    label,
    quantity,
    part: 'hull',
    inputs: ({ model, point }) => ({
      weight: of('mass')(model.boat.mass, 'weight'),
      beam: length(model.form.bottom?.beamChine ?? null, 'beam over the chines'),
      balance: length(model.form.bottom?.lcg ?? null, 'balance point, forward of the transom'),
      deadrise: of('angle')(model.form.bottom?.deadrise ?? null, 'deadrise'),
      pack: partMass(model.pack.mass, 'pack'),
      lever: speed(point.speed, 'the lever'),
    }),
    formula: (_, e) => {
      const p = reading(e)
      return p ? read(p) : 0
    },
    words,
    source,
    depends: PLANING_FIELDS,
    applies: e => reading(e) !== null,
    holds: () => ({ text: 'Flat water, speed coefficient 0.6 to 13, trim 2 to 15 degrees, no spray rails or steps.' }),
  })
}

const SAVITSKY = 'Savitsky 1964: lift and moment in balance'

/** What a school of kW a tonne would fit, middle and range. */
function schoolFigure(id: TonneSchool['id']): Figure {
  const { label, from, to } = TONNE_SCHOOLS.find(s => s.id === id)!
  return figure({
    label,
    quantity: 'electricPower',
    part: 'hull',
    inputs: ({ model }) => ({ weight: of('mass')(model.boat.mass, 'weight') }),
    formula: ({ weight }) => ((from + to) / 2) * weight,
    words: `power = ${from} to ${to} kW × tonnes`,
    band: ({ model }) => ({ low: from * model.boat.mass, high: to * model.boat.mass }),
    source: 'Rule of thumb (common practice); it knows nothing of length or speed',
    holds: () => ({
      text: 'Displacement boats of usual proportions. Where it differs from the methods, believe the methods.',
    }),
    depends: ['boat.mass'],
  })
}

/** Drag of the propeller that does not drive. */
function towedFigure(state: IdlePropeller, label: string): Figure {
  return figure({
    label,
    quantity: 'force',
    part: 'propeller',
    applies: ({ model }) => model.propulsor.kind === 'propeller',
    inputs: ({ model, point }) => ({
      water: speed(point.speed * (1 - model.interaction.wakeFraction), 'water at the propeller'),
      diameter: size(model.project.design.propeller.diameter, 'diameter'),
      area: plain(model.project.design.propeller.areaRatio, 'blade area, of the disc'),
      density: plain(model.water.density, 'density, kg/m³'),
    }),
    formula: ({ water, diameter, area, density }) =>
      (0.5 * density * water ** 2 * IDLE_DRAG[state] * area * Math.PI * diameter ** 2) / 4,
    words: `drag = ½ density × speed² × ${IDLE_DRAG[state]} × blade area`,
    source: 'Drag on the blade area (Larsson & Eliasson, from memory of)',
    holds: ALWAYS,
    depends: ['design.propeller.diameter', 'design.propeller.areaRatio'],
  })
}

const MOVED = `${PACK_MOVE} m: trim with the balance point moved by pack ÷ boat × way`

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
  trimForward: planingFigure('Pack a little forward', 'angle', MOVED, SAVITSKY, p => p.trimForward),
  trimAft: planingFigure('Pack a little aft', 'angle', MOVED, SAVITSKY, p => p.trimAft),
  schoolModest: schoolFigure('modest'),
  schoolComfortable: schoolFigure('comfortable'),
  schoolAsBefore: schoolFigure('asBefore'),
  towedLocked: towedFigure('locked', 'Locked'),
  towedFree: towedFigure('freewheeling', 'Turning free'),
  towedFolded: towedFigure('folded', 'Folded'),
}
