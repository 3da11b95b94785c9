/** What stands below the strip, or is opened by a key: loaded beside the station, once it stands. */
export { SlackLedger } from './SlackLedger'
export { TrialPane } from './TrialPane'
