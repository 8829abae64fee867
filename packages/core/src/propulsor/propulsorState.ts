/** What a propulsor does to give a thrust. SI. */
export interface PropulsorState {
  /** rev/s */
  shaftSpeed: number
  /** N·m, before the relative rotative efficiency */
  torque: number
  /** thrust × water speed ÷ power */
  efficiency: number
  /** J = Va/(n D) */
  advanceRatio: number
  /** suction specific speed of a jet's pump, and speed of its jet through the nozzle, m/s; 0 for propellers */
  suctionSpeed: number
  jetVelocity: number
}

/** What turns shaft power into thrust, made ready for any load. */
export interface Propulsor {
  kind: 'propeller' | 'jet'
  /** m, of the disc or the impeller */
  diameter: number
  at(thrust: number, waterSpeed: number, density: number): PropulsorState
}
