import { part, type Migration } from './migration'

/** 6 to 7: more parts can be held, and each run of the trial keeps the drive that it was made with. */
export const toVersion7: Migration = document => {
  const boat = part(document.boat),
    drive = part(boat.drive),
    { motor, controller, reduction, propeller, jet } = part(document.design),
    trial = part(document.trial)
  const points = Array.isArray(trial.points) ? (trial.points as unknown[]) : []
  const setup = {
    motor,
    controller,
    reduction,
    propeller,
    jet,
    drive: drive.kind,
    legRatio: drive.legRatio,
    mass: boat.mass,
    houseLoad: part(document.use).houseLoad,
  }
  return {
    ...document,
    trial: {
      ...trial,
      points: points.map(point => ({ ...part(point), setup: 0 })),
      setups: points.length ? [setup] : [],
    },
    held: { controller: false, reduction: false, charger: false, panels: false, ...part(document.held) },
  }
}
