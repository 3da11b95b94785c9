/** What `SeatFaultCard` says. */
export const seatFaultCardWords = {
  itIsInAnother: 'It is in another cavity',
  oneQuestionBack: 'One question back',
  writeItDown: 'Write it down',
  sayWhatIsSeen: 'Say what is seen (1 to 9)',
  whatIsWrong: 'What is wrong?',
  whyAsYouSee: 'Why, as you see it',
  whatHandNotices: 'What the hand notices',
  writeItDownAnd: 'Write it down and go on',
  nothingIsWrong: 'Nothing is wrong',
}
