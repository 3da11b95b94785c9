'use client'
import { frameWords } from '@/words/screens/frame/frame'
import { placeFrameWords as words } from '@/words/screens/frame/placeFrame'
import { Link } from '@/ui/address/Link'
import type { ReactNode } from 'react'
import { useGo } from '../address/GoProvider'
import type { FindItem } from '../find/findItems'
import { useKeys } from '../keys/KeyProvider'
import { Frame } from './Frame'

/** The places beside the stations, with the letter that goes there after G. */
export const places = [
  { id: 'today', name: words.today, href: '/', key: 't', words: words.allOpenJobs },
  { id: 'shelf', name: words.shelf, href: '/shelf', key: 's', words: words.familiesPartsStock },
  { id: 'crib', name: words.crib, href: '/crib', key: 'c', words: words.toolsAndInstruments },
  { id: 'ledger', name: words.ledger, href: '/ledger', key: 'l', words: words.chartsFirstTriesScrap },
  { id: 'rules', name: words.houseRules, href: '/rules', key: 'h', words: words.schoolsAndWhatThey },
] as const

export type PlaceId = (typeof places)[number]['id']

/** Keys that go to a place from anywhere. */
export function usePlaceKeys(): void {
  const go = useGo()
  useKeys(
    places.map((place) => ({
      key: `g ${place.key}`,
      words: words.goTo(place.name),
      run: () => go(place.href),
    })),
  )
}

/** The frame of a place: the other places in its head. */
export function PlaceFrame({
  place,
  title,
  sub,
  find,
  notices,
  foot,
  onScan,
  children,
}: {
  readonly place: PlaceId | undefined
  readonly title: string
  readonly sub?: string
  readonly find: readonly FindItem[]
  readonly notices?: ReactNode
  readonly foot?: ReactNode
  readonly onScan?: (text: string) => boolean
  readonly children: ReactNode
}) {
  usePlaceKeys()
  return (
    <Frame
      title={title}
      sub={sub}
      navName={frameWords.places}
      notices={notices}
      foot={foot}
      onScan={onScan}
      find={() => [
        ...find,
        ...places
          .filter((one) => one.id !== place)
          .map((one) => ({ id: one.name, kind: 'place', words: one.words, href: one.href })),
      ]}
      nav={places.map((one) => (
        <Link key={one.id} href={one.href} aria-current={one.id === place ? 'page' : undefined}>
          {one.name}
          <b>{words.goKey(one.key.toUpperCase())}</b>
        </Link>
      ))}
    >
      {children}
    </Frame>
  )
}
