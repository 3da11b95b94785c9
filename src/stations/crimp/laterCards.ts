import { later } from '@/ui/later/later'

/** Loaded beside the station, once it stands. */
export const loadBeside = () => import('./besideCards')

export const EndRelease = later(loadBeside, (cards) => cards.EndRelease)
export const MeasurePhoto = later(loadBeside, (cards) => cards.MeasurePhoto)
export const LookPictures = later(loadBeside, (cards) => cards.LookPictures)
export const StrokePanel = later(loadBeside, (cards) => cards.StrokePanel)
export const StrokeCard = later(loadBeside, (cards) => cards.StrokeCard)
export const SetSources = later(loadBeside, (cards) => cards.SetSources)
export const FaultReport = later(loadBeside, (cards) => cards.FaultReport)
export const DeviceLine = later(loadBeside, (cards) => cards.DeviceLine)
export const SuspectCard = later(loadBeside, (cards) => cards.SuspectCard)
export const PhotoBox = later(loadBeside, (cards) => cards.PhotoBox)
export const HeightField = later(loadBeside, (cards) => cards.HeightField)
export const InstrumentMessage = later(loadBeside, (cards) => cards.InstrumentMessage)
