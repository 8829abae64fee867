import { randomLcg, randomNormal } from 'd3-random'
import { quantile } from 'd3-array'
import { newProject, typicalAnswers, type FirstAnswers } from '../../src/project/begin/newProject'
import { edit, trialToldWith, withEdits, type Project, type RunSetup, type TrialPoint } from '../../src/project'
import { driveTrain, modelOf, operatingPoint, theoryResistance, type Model } from '../../src/system'
import { curvePlace } from '../../src/system/curve/curvePlace'
import { EMPTY_READING, NOT_SAID } from '../../src/trial'

// Owners who tell what they read: hulls drawn from the curve's own doubt, drives as owners have them, readings with
// their usual faults. None of it knows how a reading is judged.

/** What one owner has: how his watts come about, and what he says of it. */
interface OwnersDrive {
  /** W at the battery, or m³/s of fuel, at pull times speed in W and a speed in m/s */
  shows(power: number, speed: number): number
  kind: TrialPoint['kind']
  made: Partial<RunSetup>
}

const HULLS = [
  ['displacementLaunch', 7],
  ['keelYacht', 9],
  ['canalBoat', 14],
  ['canoe', 4.8],
  ['dinghy', 3.4],
  ['pontoon', 6.4],
  ['catamaran', 9],
  ['semiDisplacement', 8],
] as const

/** Smooth along the curve, of σ 1, alike within a length (sum of waves with random phases). */
function smooth(dice: () => number): (place: number) => number {
  const normal = randomNormal.source(dice)(0, 1)
  const waves = Array.from({ length: 60 }, () => [normal(), 2 * Math.PI * dice()] as const)
  return place => waves.reduce((sum, [k, phase]) => sum + Math.cos(k * place + phase), 0) * Math.sqrt(2 / 60)
}

/** One owner: his boat, what she really takes, and what he reads. */
export function owner(seed: number) {
  const dice = randomLcg(seed),
    normal = randomNormal.source(dice)(0, 1)
  // the first numbers of neighbouring seeds are alike
  for (let i = 0; i < 20; i++) dice()
  const [hullType, length] = HULLS[Math.floor(dice() * HULLS.length)]!
  const answers = { ...typicalAnswers(hullType, length * (0.85 + 0.3 * dice())), name: 'O', hullType } as FirstAnswers
  const boat = withEdits(newProject(answers, `o${seed}`), [
    edit('use.seaMargin', 0),
    edit('use.headWind', 0),
    edit('use.houseLoad', 0),
  ])
  const model = modelOf(boat)
  const z = { weight: normal(), bottom: normal(), form: normal() },
    shape = smooth(dice)
  /** N that she really takes */
  const truth = (speed: number): number => {
    const { centre, doubts } = theoryResistance(model, speed)
    return (
      centre *
      Math.exp(
        z.weight * doubts.weight +
          z.bottom * doubts.bottom +
          z.form * doubts.form +
          shape(curvePlace(model, speed)) * doubts.methods,
      )
    )
  }
  const cruise = boat.use.cruiseSpeed
  const drive = driveOf(model, truth(cruise) * cruise, dice, normal)
  /** a reading at a share of cruise; a careful owner ran both ways and wrote it all down */
  function reading(share: number, careful: boolean, wild = false): TrialPoint {
    const speed = share * cruise,
      stream = careful ? 0 : 0.035 * speed * normal()
    const shown = drive.shows(truth(speed) * speed, speed) * Math.exp((careful ? 0.05 : 0.08) * normal())
    const value = Number(shown.toPrecision(careful ? 3 : 2)) * (wild ? 5 : 1)
    return {
      ...EMPTY_READING,
      sea: 'smooth',
      speed: speed + stream,
      kind: drive.kind,
      ...(drive.kind === 'fuel' ? { fuelRate: value } : { power: value }),
      ...(careful ? { stream: 0, doubt: 0.06 } : {}),
    }
  }
  const told = (points: readonly TrialPoint[]): Project =>
    withEdits(boat, [
      edit('trial', {
        ...trialToldWith(
          boat,
          points.map(point => ({ point, made: drive.made })),
        ),
        use: 'measured',
      }),
    ])
  /** W that she will really take at cruise: with her own drive, or with one that is bought by the design */
  const pull = truth(cruise),
    power =
      drive.made.made === 'asFitted'
        ? drive.shows(pull * cruise, cruise)
        : Math.exp(model.driveDoubt * normal()) * driveTrain(model, cruise, pull).packPower
  return { boat, cruise, power, reading, told, dice, drive }
}

/** A drive as owners have them: trolling motor with notches, small leg, old engine told by its fuel, good shaft. */
function driveOf(model: Model, power: number, dice: () => number, normal: () => number): OwnersDrive {
  const ln = (sigma: number) => Math.exp(sigma * normal())
  const lossy = (full: number, fade: number, idle: number, watts: number) => {
    // the watts of which so much reaches the water, by halving
    return (wanted: number) => {
      let low = 1,
        high = 1e7
      for (let i = 0; i < 60; i++) {
        const w = Math.sqrt(low * high)
        if (full * Math.min(1, w / watts) ** fade * Math.max(0, w - idle) < wanted) low = w
        else high = w
      }
      return low
    }
  }
  const which = dice(),
    plate = (power / 0.33) * (1.2 + dice())
  if (which < 0.25 && power < 400)
    return {
      shows: lossy(0.33 * ln(0.18), 1 + 0.2 * normal(), Math.max(0, 8 + 6 * normal()), plate),
      kind: 'battery',
      made: { ...NOT_SAID, made: 'another', kind: 'trollingMotor', notches: 5, plate },
    }
  if (which < 0.45)
    return {
      shows: lossy(0.43 * ln(0.18), 0.12 + 0.1 * normal(), Math.max(0, 12 + 8 * normal()), plate),
      kind: 'battery',
      made: { ...NOT_SAID, made: 'another', kind: 'outboard', plate: dice() < 0.5 ? plate : null },
    }
  if (which < 0.6)
    return {
      shows: lossy(0.42 * ln(0.22), 0.14 + 0.1 * normal(), Math.max(0, 10 + 8 * normal()), plate),
      kind: 'battery',
      made: NOT_SAID,
    }
  if (which < 0.7) {
    const each = 0.275e-3 / 3.6e6 / (0.5 * ln(0.15))
    return { shows: wanted => wanted * each, kind: 'fuel', made: { ...NOT_SAID, made: 'oldEngine' } }
  }
  // her own drive, whose watts are reckoned but for what is not known of it
  const own = ln(model.driveDoubt)
  return {
    shows: (wanted, speed) => own * driveTrain(model, speed, wanted / speed).packPower,
    kind: 'battery',
    made: { made: 'asFitted', houseLoad: 0 },
  }
}

/** How many of the owners’ true powers at cruise lie in the band after so many readings, and how wide it is. */
export function judgeOwners(owners: number, readings: number, careful: boolean) {
  let inside = 0
  const widths: number[] = [],
    own: number[] = []
  for (let i = 0; i < owners; i++) {
    const { cruise, power, reading, told, dice, drive } = owner(7 * i + readings * 1000 + (careful ? 500_000 : 1))
    const points = Array.from({ length: readings }, () => reading(0.55 + 0.55 * dice(), careful))
    const { packPowerLow, packPowerHigh } = operatingPoint(modelOf(told(points)), cruise)
    if (power >= packPowerLow && power <= packPowerHigh) inside++
    widths.push(packPowerHigh / packPowerLow)
    if (drive.made.made === 'asFitted') own.push(packPowerHigh / packPowerLow)
  }
  return { inside: inside / owners, width: quantile(widths, 0.5)!, ownDrive: quantile(own, 0.5)! }
}
