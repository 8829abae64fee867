/** A picture as the browser keeps it, with the boat and the task or step that it belongs to. */
export interface PhotoRow {
  id: string
  boat: string
  /** of a task, or a step of the first power-up */
  task: string
  /** YYYY-MM-DDTHH:MM */
  at: string
  blob: Blob
}
