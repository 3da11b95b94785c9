/** What `SpliceForm` says. */
export const spliceFormWords = {
  onlyWhereMakersSheet:
    'Only where the maker’s sheet and your rules allow a splice. It lies away from the connector, so that no cover or tie bends it.',
  lengthOfPiece: 'Length of the piece',
  changePlanSpliceIt: 'Change the plan: splice it in',
  fromMouthLike: '150 mm',
}
