/** What stands below the looks, or is opened by a key while crimping: loaded beside the station, once it stands. */
export { EndRelease } from './EndRelease'
export { LookPictures } from './LookPictures'
export { SetSources } from './SetSources'
export { FaultReport } from './FaultReport'
export { SuspectCard } from './SuspectCard'
export { DeviceLine } from '@/ui/device/DeviceLine'
export { PhotoBox } from '@/ui/photo/PhotoBox'
export { HeightField, InstrumentMessage } from './PieceFields'
