/** What a part may be, by the ids that packages are written with. Schemas and sheets have them from here. */

/** How the wings of an open barrel close: edge to edge, one over the other, or one behind the other. */
export const wingFolds = ['touching', 'overlapping', 'staggered'] as const

/** What of the contact itself springs out to hold it, or to be held by. */
export const contactSprings = ['lance', 'tang', 'barbs', 'none'] as const

export const smallPartKindIds = [
  'cavity-plug',
  'lock',
  'interface-seal',
  'mat-seal',
  'cap',
  'comb',
  'backshell',
  'strain-relief',
  'clip',
  'jam-nut',
  'label',
] as const

/** What marks cavity 1 on a housing. */
export const markKinds = ['chamfer', 'notch', 'key', 'rib'] as const
