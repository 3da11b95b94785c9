/** What `ShelfPlace` says. */
export const shelfPlaceWords = {
  nextFamily: 'Next family',
  previousFamily: 'Previous family',
  newFamilyFromIts: 'New family from its sheet',
  whatIsThisOne: 'What is this one?',
  stock: 'Stock',
  importPackage: 'Import a package',
  editThisFamily: 'Edit this family',
  newFamily: 'New family',
  low: (low: number) => `${String(low)} low`,
  wireCableAndPacks: 'Wire, cable and packs',
  shelf: 'Shelf',
  housingsContacts: (housings: number, contacts: number) =>
    `${String(housings)} housings, ${String(contacts)} contacts`,
  families: 'Families',
  exportWholeShelf: 'Export the whole shelf',
}
