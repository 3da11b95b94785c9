/** What a setup needs before its crimps: loaded beside the station, once it stands. */
export { FirstPieceCard } from './FirstPieceCard'
export { PieceFault } from './PieceFault'
export { MountCard } from './MountCard'
export { PullSampleCard } from './PullSampleCard'
export { ReleaseCard } from './ReleaseCard'
export { VerifyCard } from './VerifyCard'
