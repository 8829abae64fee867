/** What instruments said on a trip, as it came; one file for each trip of a boat. */
export interface RawLogRow {
  /** boat and trip */
  id: string
  boat: string
  name: string
  blob: Blob
}
