/** Words of what the charger is fed by: they come with its bench. */
export const supplyWords = {
  supply: 'The charger is fed by',
  supplies: { shore: 'Shore', generator: 'Generator', none: 'Nothing' },
  helps: 'What helps',
  sun: 'Panels, by day',
  sailing: 'Propeller under sail',
  sunBench: 'Sun',
  month: 'In',
  plug: 'Socket',
  other: 'Another',
} as const
