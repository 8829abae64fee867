/** Short names of the resistance methods that a hull type can name; resistanceMethods.ts has one for each. */
export const METHOD_IDS = [
  'delft1998',
  'holtrop1984',
  'handbook',
  'wyman1998',
  'thinShip',
  'savitsky1964',
  'mercierSavitsky1973',
  'crouch',
  'vanOortmerssen1971',
  'andersenGuldhammer1986',
  'bluffBox',
] as const
/** One of them. */
export type MethodId = (typeof METHOD_IDS)[number]
