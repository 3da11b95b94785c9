'use client'
import { createContext, type ReactNode, useContext } from 'react'
import { later } from '../later/later'
import { practiceStripWords as words } from '@/words/screens/frame/practiceStrip'
import styles from './PracticeStrip.module.css'

// a bench of one's own never shows it
const HomeSwitch = later(
  () => import('./HomeSwitch'),
  (module) => module.HomeSwitch,
)

const HomePort = createContext<number | undefined>(undefined)

/** Says which bench this practice workshop belongs to; undefined on one's own. */
export const PracticeProvider = ({
  homePort,
  children,
}: {
  readonly homePort: number | undefined
  readonly children: ReactNode
}) => <HomePort value={homePort}>{children}</HomePort>

/** On every screen of the practice workshop: that it is one, and the switch that leads back. */
export function PracticeStrip() {
  const homePort = useContext(HomePort)
  if (homePort === undefined) return null
  return (
    <div className={styles.strip} role="note">
      <span>
        <b>
          <span aria-hidden="true">◆ </span>
          {words.practice}
        </b>{' '}
        {words.apart}
      </span>
      <HomeSwitch homePort={homePort} />
    </div>
  )
}
