'use client'
import { frameWords } from '@/words/screens/frame/frame'
import { jobFrameWords as texts } from '@/words/screens/job/jobFrame'
import styles from './JobFrame.module.css'
import { Kbd, UnstyledButton } from '@mantine/core'
import { Link } from '@/ui/address/Link'
import { usePathname } from 'next/navigation'
import { memo, useCallback, useMemo, type ReactNode } from 'react'
import { setKey, termOf } from '@/core/record/plan/keys'
import { gaugeDue } from '@/core/record/standing/gaugeDue'
import { scanTarget } from '@/core/record/plan/scanTarget'
import { progress, stations, type Station } from '@/core/views/progress'
import { plural } from '@/words/figures'
import { gaugeStepWords, stationWords, stepWords } from '@/words/steps'
import { useGo } from '../address/GoProvider'
import { useClock } from '../frame/Clock'
import { useToday } from '../frame/useToday'
import { Frame } from '../frame/Frame'
import { usePlaceKeys } from '../frame/PlaceFrame'
import { offerFigure, useOffered } from '../question/questions'
import { later } from '../later/later'
import { useAwake } from '../frame/useAwake'
import { useKeys } from '../keys/KeyProvider'
import { InHand } from './InHand'
import { useJob } from './JobProvider'
import { JobNotices } from './JobNotices'
import { jobFindItems } from './jobFindItems'
import { useSelect } from './useAt'
import { useNextStep } from './useNextStep'

const FigureOffer = later(
  () => import('../question/FigureOffer'),
  (module) => module.FigureOffer,
)

/** Where hands are full: the screen stays awake. */
const benchStations: ReadonlySet<string> = new Set(['prep', 'crimp', 'seat', 'prove'])

/** A job's frame: its stations with what is done, and the next step, whichever station it is in. */
export function JobFrame({ children }: { readonly children: ReactNode }) {
  const { id, state, takeBack } = useJob()
  const goTo = useGo()
  const here = usePathname().split('/')[3] ?? 'plan'
  const { plan } = state
  useAwake(benchStations.has(here))
  const done = useMemo(() => progress(state), [state])
  const { step, go: goNext } = useNextStep()
  const select = useSelect()
  // a thousand wires are put together when somebody looks for one
  const find = useCallback(() => jobFindItems(id, plan), [id, plan])
  const go = (station: Station | 'journal') => goTo(`/jobs/${id}/${station}`)
  useKeys([
    ...stations.map((station, i) => ({
      key: `g ${i + 1}`,
      words: texts.goTo(stationWords[station]),
      run: () => go(station),
    })),
    { key: 'g j', words: texts.goToJournal, run: () => go('journal') },
    { key: 'Enter', words: texts.goToNextStep, run: goNext },
    { key: 'u', words: texts.takeYourLastEntry, run: () => void takeBack() },
  ])
  usePlaceKeys()
  const figure = useOffered()
  const clock = useClock()
  const today = useToday()
  const tool =
    step.kind === 'crimp' || step.kind === 'first-piece'
      ? state.sets.get(setKey(termOf(step.term).wire, termOf(step.term).side))?.setup.tool
      : undefined
  // the journal knows no day, the bench does: the card asks for the gauge first, and so does the frame
  const gauge = tool === undefined ? undefined : gaugeDue(state, tool, today, clock.dayOf)
  const words = gauge ? gaugeStepWords(gauge) : stepWords(step, plan.quantity)
  const onScan = useCallback(
    (text: string) => {
      if (offerFigure(text)) return true
      const target = scanTarget(plan, text)
      if (target !== undefined) select(target)
      return target !== undefined
    },
    [plan, select],
  )
  return (
    <Frame
      title={plan.title}
      sub={`rev ${plan.rev}`}
      navName={frameWords.stations}
      find={find}
      onScan={onScan}
      pedal
      here={hereWords(here, done)}
      nav={stations.map((station) => (
        <StationLink
          key={station}
          job={id}
          station={station}
          isHere={here === station}
          count={station === 'plan' ? plural(done.plan.total, 'wire') : `${done[station].done}/${done[station].total}`}
        />
      ))}
      notices={
        <>
          <JobNotices />
          {figure !== undefined && <FigureOffer figure={figure} />}
        </>
      }
      foot={
        <>
          <InHand />
          <UnstyledButton className={styles.frameNext} onClick={goNext}>
            <span className={styles.label}>
              {texts.nextAt(stationWords[step.station])} <Kbd aria-hidden="true">Enter</Kbd>
            </span>
            <span className={styles.what} data-testid="next-step">
              {words.main}
              {words.then !== undefined && ` · ${words.then}`}
            </span>
          </UnstyledButton>
        </>
      }
    >
      {children}
    </Frame>
  )
}

/** The station that is open, with what is done there. */
function hereWords(here: string, done: ReturnType<typeof progress>): string | undefined {
  const station = stations.find((one) => one === here)
  if (!station) return undefined
  return station === 'plan'
    ? stationWords.plan
    : `${stationWords[station]} ${done[station].done}/${done[station].total}`
}

const StationLink = memo(function StationLink({
  job,
  station,
  isHere,
  count,
}: {
  readonly job: string
  readonly station: Station
  readonly isHere: boolean
  readonly count: string
}) {
  return (
    <Link href={`/jobs/${job}/${station}`} aria-current={isHere ? 'page' : undefined}>
      {stationWords[station]}
      <b>{count}</b>
    </Link>
  )
})
