/** What `RenewLacing` says. */
export const renewLacingWords = {
  wiresLieSideBy: 'The wires lie side by side, none crossed, none strained',
  theyLieWell: 'They lie well',
  lacedOrTiedAs: 'Laced or tied as it was, snug: no insulation dented',
  itIsLaced: 'It is laced',
  renewLacingAlong: 'Renew the lacing along',
  ofUnit: (unit: number) => ` of unit ${String(unit)}`,
  itWasNotOpened: '◆ It was not opened yet: that is a step at Seat.',
  thereIsNoLacing: 'There is no lacing along it',
  lacingIsRenewed: 'The lacing is renewed',
}
