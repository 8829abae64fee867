/** What every part has, whatever its kind. */
export interface NamedPart {
  id: string
  name: string
  /** keys of figures that the owner does not know and Remigo has estimated */
  estimated: string[]
  /** not chosen yet: what stands here is the plate that the part to be found must have */
  standIn: boolean
}
