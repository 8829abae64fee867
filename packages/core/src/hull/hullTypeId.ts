/** Short names of the kinds of hull that Remigo knows, in the order of the form; hullTypes.ts has one for each. */
export const HULL_TYPE_IDS = [
  'keelYacht',
  'displacementLaunch',
  'semiDisplacement',
  'planing',
  'jetBoat',
  'catamaran',
  'pontoon',
  'canoe',
  'dinghy',
  'canalBoat',
  'pedalCraft',
] as const
/** One of them. */
export type HullTypeId = (typeof HULL_TYPE_IDS)[number]
