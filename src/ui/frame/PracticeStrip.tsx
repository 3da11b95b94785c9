'use client'
import { Switch } from '@mantine/core'
import { createContext, type ReactNode, useContext } from 'react'
import { practiceStripWords as words } from '@/words/screens/frame/practiceStrip'
import styles from './PracticeStrip.module.css'

/** Another bench of this machine: the page of the same name on another port. */
export const addressOfPort = (port: number): string =>
  `${window.location.protocol}//${window.location.hostname}:${port}/`

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
      <Switch checked label={words.switchOn} onChange={() => window.location.assign(addressOfPort(homePort))} />
    </div>
  )
}
