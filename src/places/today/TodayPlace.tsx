'use client'
import { todayPlaceWords as words } from '@/words/screens/today/todayPlace'
import { Button, Kbd } from '@mantine/core'
import { useRouter } from 'next/navigation'
import { stations } from '@/core/views/progress'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { useOperator, useWhoWorksHere } from '@/ui/frame/Operator'
import { useKeys } from '@/ui/keys/KeyProvider'
import { stationWords } from '@/words/steps'
import type { Today, TodayJob } from './todayJobs'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './TodayPlace.module.css'
import { FirstStart } from './FirstStart'
import { MissingPanel } from './MissingPanel'
import { PeoplePanel } from './PeoplePanel'
import { PracticePanel } from './PracticePanel'
import { WhoWorksHere } from './WhoWorksHere'
import { Link } from '@/ui/address/Link'

/** The open jobs with what each needs next; resume is one key away. */
export function TodayPlace({ today, weekday }: { readonly today: Today; readonly weekday: string }) {
  const router = useRouter()
  const { operator, pick } = useOperator()
  const people = useWhoWorksHere()
  const [first] = today.jobs
  useKeys([
    { key: 'n', words: words.newJobFromPinout, run: () => router.push('/new') },
    ...(first ? [{ key: 'Enter', words: words.resume(first.title), run: () => router.push(first.href) }] : []),
    ...today.jobs.slice(0, 9).map((job, i) => ({
      key: String(i + 1),
      words: i === 0 ? words.openJobByIts : '',
      run: () => router.push(job.href),
    })),
  ])
  return (
    <PlaceFrame
      place="today"
      title={words.urnBench}
      find={[
        ...today.jobs.map((job) => ({ id: job.title, kind: 'job', words: job.next, href: job.href })),
        { id: 'New job', kind: 'place', words: words.fromPinoutInCsv, href: '/new' },
      ]}
    >
      <div className={clsx(paneCss.page, paneCss.pageWide)}>
        <div>
          <div className={paneCss.pageHead}>
            <h2 className={paneCss.pageTitle}>
              {weekday}, {today.jobs.length === 0 ? words.noJobIsOpen : words.open(today.jobs.length)}
            </h2>
            <Button fullWidth={false} component={Link} href="/new">
              <span>{words.newJobFromPinout}</span> <Kbd aria-hidden="true">N</Kbd>
            </Button>
          </div>
          {!operator && people.length > 0 && (
            <section className={clsx(noteCss.note, noteCss.attend, styles.operator)} aria-label={words.operator}>
              <b>{words.whoIsAtThis}</b>
              {people.map((person) => (
                <Button fullWidth={false} key={person.id} onClick={() => pick(person.id)}>
                  {person.name} <span className={clsx(textCss.dim, textCss.small)}>{person.role}</span>
                </Button>
              ))}
            </section>
          )}
          {!today.first && people.length === 0 && <WhoWorksHere />}
          {today.first ? <FirstStart practice={today.practice} /> : today.jobs.length === 0 && <EmptyToday />}
          {today.jobs.map((job, i) => (
            <JobCard key={job.id} job={job} first={i === 0} />
          ))}
        </div>
        <div>
          {today.first && <MissingPanel has={today.first} keptAt={today.keptAt} />}
          {!today.first && <CribPanel tools={today.tools} />}
          {today.closed.length > 0 && (
            <section className={paneCss.sidePanel} aria-label={words.closedJobs}>
              <h2>{words.closed}</h2>
              <ul>
                {today.closed.map((job) => (
                  <li key={job.id}>
                    <Link href={`/jobs/${job.id}/close`} className={textCss.plain}>
                      {job.title}
                    </Link>
                    {job.fault === undefined ? (
                      <span className={textCss.good}>{words.signed}</span>
                    ) : (
                      <span className={textCss.fault}>▲ {job.fault}</span>
                    )}
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section className={paneCss.sidePanel} aria-label={words.cautions}>
            <h2>{words.beforeConnectorIsOpened}</h2>
            <p className={textCss.small}>{words.isolateAndLockOff}</p>
            <p className={clsx(textCss.small, textCss.dim, styles.nothingHereReplacesMakers)}>
              {words.nothingHereReplacesMakers}
            </p>
          </section>
          {people.length > 0 && <PeoplePanel />}
          {today.practice && !today.first && <PracticePanel />}
        </div>
      </div>
    </PlaceFrame>
  )
}

function CribPanel({ tools }: Pick<Today, 'tools'>) {
  return (
    <section className={paneCss.sidePanel} aria-label={words.crib}>
      <h2>{words.crib}</h2>
      {tools.length === 0 && <p className={clsx(textCss.dim, textCss.small)}>{words.everyCalibratedFrameIs}</p>}
      <ul>
        {tools.map((tool) => (
          <li key={tool.id}>
            <span>
              <span className={tool.overdue ? textCss.fault : textCss.caution} aria-hidden="true">
                {tool.overdue ? '▲' : '◆'}
              </span>{' '}
              {tool.name} {tool.id}
            </span>
            <span className={textCss.mono}>{tool.words}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function EmptyToday() {
  return (
    <section className={clsx(noteCss.note, styles.framed)}>
      <b>{words.thisIsWhereYour}</b>
      <p>{words.beginWithPinoutCsv}</p>
    </section>
  )
}

function JobCard({ job, first }: { readonly job: TodayJob; readonly first: boolean }) {
  return (
    <article className={styles.jobCard} data-first={first}>
      <div>
        <h2>
          {job.title} <small>{job.about}</small>
        </h2>
        <p>
          <b>{job.next}</b>
          {job.then !== undefined && `, ${job.then}`}.
        </p>
        {job.blocked !== undefined && <p className={textCss.fault}>▲ {job.blocked}</p>}
      </div>
      <ol className={styles.steps} aria-label={words.progress}>
        {stations.map((station) => {
          const { done, total } = job.progress[station]
          return (
            <li key={station} data-now={station === job.station}>
              <div className={styles.bar}>
                <i style={{ width: `${total === 0 ? 0 : (100 * done) / total}%` }} />
              </div>
              {stationWords[station]}
              <span className={textCss.hidden}>{words.ofWord(done, total)}</span>
            </li>
          )
        })}
      </ol>
      <Button variant={first ? 'filled' : 'default'} component={Link} href={job.href}>
        <span>{first ? words.resumeIt : words.openIt}</span>
        {first && <Kbd aria-hidden="true">Enter</Kbd>}
        <span className={textCss.hidden}>{job.title}</span>
      </Button>
    </article>
  )
}
