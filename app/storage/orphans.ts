import type { BoatDatabase } from './boatDatabase'

/** Held by every open window, so that one knows whether it is the only one. */
const OPEN = 'remigo-open'

/**
 * Takes pictures and raw logs of boats away that were deleted for good. Only the first window does so: in another one a
 * boat may just have been deleted and be fetched back.
 *
 * @param db the store, opened
 */
export async function sweepOrphans(db: BoatDatabase): Promise<void> {
  const { locks } = navigator
  if (!locks) return
  await locks.request(OPEN, { ifAvailable: true }, async alone => {
    if (!alone) return
    await db.transaction('rw', db.boats, db.photos, db.rawLogs, async () => {
      const boats = await db.boats.toCollection().primaryKeys()
      for (const table of [db.photos, db.rawLogs]) await table.where('boat').noneOf(boats).delete()
    })
  })
  // held until the window closes
  void locks.request(OPEN, { mode: 'shared' }, () => new Promise(() => {}))
}
