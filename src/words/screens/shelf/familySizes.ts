import { list, plural } from '@/words/figures'

/** What `SizesStep` says. */
export const familySizesWords = {
  bores: 'Bores, and the crimped contacts that must pass them',
  oneScale: 'ONE SCALE',
  noBoreYet: 'No bore is said yet: a bore is drawn as soon as its row has one.',
  aboutSizes: 'Sizes and bores',
  whatForBore: 'Bore: what contact, crimp and insulation must pass. Without it a job says that it was not checked.',
  whatForMat: 'Mat from, to: the insulation that a mat’s hole seals round.',
  whatForRetention: 'Retention: what a seated contact must hold. The light tug is a share of it.',
  whatForFixing:
    'Takes, stud, wire, torque: of a clamp or stud. It takes terminals of all families; without a torque the terminal’s counts, and without that it is hand-tight.',
  housingsName: (sizes: readonly string[]) => `Housings name ${list([...sizes], 4)}: no row has that size.`,
  takeThem: (count: number) => `Begin ${plural(count, 'row')}`,
}
