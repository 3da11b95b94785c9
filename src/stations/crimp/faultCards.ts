/** What is opened by a key while crimping: loaded beside the station, once it stands. */
export { EndRelease } from './EndRelease'
export { FaultReport } from './FaultReport'
