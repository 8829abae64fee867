/** What every part has, whatever its kind. */
export interface NamedPart {
  id: string
  name: string
  /** keys of figures that the owner does not know and Remigo has estimated */
  estimated: string[]
}
