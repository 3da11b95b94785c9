'use client'
import { later } from '@/ui/later/later'
import { Loading } from '@/ui/later/Loading'
import paneCss from '@/ui/pane/pane.module.css'
import { seatWords } from '@/words/screens/seat/seatParts'

/** What comes once for each end, or is asked for now and then: loaded beside the station, once it stands. */
export const loadBeside = () => import('./besideCards')

export const Helps = later(loadBeside, (cards) => cards.Helps)
export const LacingCard = later(loadBeside, (cards) => cards.LacingCard)
export const MatOverBody = later(loadBeside, (cards) => cards.MatOverBody)
export const LockMoving = later(loadBeside, (cards) => cards.LockMoving)
export const OpenCard = later(loadBeside, (cards) => cards.OpenCard)
export const LockCard = later(loadBeside, (cards) => cards.LockCard)
export const LookOver = later(loadBeside, (cards) => cards.LookOver)
export const MateCard = later(loadBeside, (cards) => cards.MateCard)
export const MovePane = later(loadBeside, (cards) => cards.MovePane)
export const InsertPlayer = later(loadBeside, (cards) => cards.InsertPlayer)
export const ReleaseTask = later(
  loadBeside,
  (cards) => cards.ReleaseTask,
  <div className={paneCss.work}>
    <Loading words={seatWords.fetching} />
  </div>,
)
export const TightenField = later(loadBeside, (cards) => cards.TightenField)
export const TugField = later(loadBeside, (cards) => cards.TugField)
export const SeatFaultCard = later(loadBeside, (cards) => cards.SeatFaultCard)
export const WrongCavity = later(loadBeside, (cards) => cards.WrongCavity)
