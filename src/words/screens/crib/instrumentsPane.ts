/** What `InstrumentsPane` says. */
export const instrumentsPaneWords = {
  instruments: 'Instruments',
  askingEachWhoIt: 'Asking each who it is…',
  benchDoesNotAnswer: '▲ The bench does not answer. Load the page again.',
  lookAgain: 'Look again',
  overTcpQuestionAnd:
    'Over TCP, a question and an answer a line, as in IEEE 488.2. A figure from an instrument is recorded with its name; typed by hand it is recorded as typed.',
  benchDoesNotAnswerNothing: 'The bench does not answer. Nothing was changed.',
  noLink: '▲ no link',
  last: 'Last:',
  host: 'Host',
  port: 'Port',
  hostIsName: 'A name or an address, without spaces or slashes.',
  portIsNumber: 'A number from 1 to 65535.',
  linkItThere: 'Link it there',
  backToStandIn: 'Back to the stand-in',
  takeReading: 'Take a reading',
  sayWhereItIs: 'Say where it is',
}
