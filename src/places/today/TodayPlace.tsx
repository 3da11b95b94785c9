'use client'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import styles from './TodayPlace.module.css'
import { Button, Kbd } from '@mantine/core'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { stations } from '@/core/views/progress'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { useOperator } from '@/ui/frame/Operator'
import { useKeys } from '@/ui/keys/KeyProvider'
import { plural } from '@/words/figures'
import { stationWords } from '@/words/steps'
import type { Today, TodayJob } from './todayJobs'

/** The open jobs with what each needs next; resume is one key away. */
export function TodayPlace({ today, weekday }: { readonly today: Today; readonly weekday: string }) {
  const router = useRouter()
  const { operator, people, pick } = useOperator()
  const [first] = today.jobs
  useKeys([
    { key: 'n', words: 'New job from a pinout', run: () => router.push('/new') },
    ...(first ? [{ key: 'Enter', words: `Resume ${first.title}`, run: () => router.push(first.href) }] : []),
    ...today.jobs.slice(0, 9).map((job, i) => ({
      key: String(i + 1),
      words: i === 0 ? 'Open a job by its place (1 to 9)' : '',
      run: () => router.push(job.href),
    })),
  ])
  return (
    <PlaceFrame
      place="today"
      title="Urn Bench"
      find={[
        ...today.jobs.map((job) => ({ id: job.title, kind: 'job', words: job.next, href: job.href })),
        { id: 'New job', kind: 'place', words: 'from a pinout in CSV', href: '/new' },
      ]}
    >
      <div className={clsx(paneCss.page, paneCss.pageWide)}>
        <div>
          <div className={paneCss.pageHead}>
            <h2 className={paneCss.pageTitle}>
              {weekday}, {today.jobs.length === 0 ? 'no job is open' : `${plural(today.jobs.length, 'job')} open`}
            </h2>
            <Button fullWidth={false} component={Link} href="/new">
              <span>New job from a pinout</span> <Kbd aria-hidden="true">N</Kbd>
            </Button>
          </div>
          {!operator && people.length > 0 && (
            <section
              className={clsx(noteCss.note, noteCss.attend)}
              style={{ marginBottom: 12, display: 'flex', gap: 10, alignItems: 'center', flexWrap: 'wrap' }}
              aria-label="Operator"
            >
              <b>Who is at this bench?</b>
              {people.map((person) => (
                <Button fullWidth={false} key={person.id} onClick={() => pick(person.id)}>
                  {person.name} <span className={clsx(textCss.dim, textCss.small)}>{person.role}</span>
                </Button>
              ))}
            </section>
          )}
          {today.jobs.length === 0 && <EmptyToday />}
          {today.jobs.map((job, i) => (
            <JobCard key={job.id} job={job} first={i === 0} />
          ))}
        </div>
        <div>
          <section className={paneCss.sidePanel} aria-label="Crib">
            <h2>Crib</h2>
            {today.tools.length === 0 && (
              <p className={clsx(textCss.dim, textCss.small)}>
                Every calibrated frame is verified for the next 30 days.
              </p>
            )}
            <ul>
              {today.tools.map((tool) => (
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
          {today.closed.length > 0 && (
            <section className={paneCss.sidePanel} aria-label="Closed jobs">
              <h2>Closed</h2>
              <ul>
                {today.closed.map((job) => (
                  <li key={job.id}>
                    <Link href={`/jobs/${job.id}/close`} className={textCss.plain}>
                      {job.title}
                    </Link>
                    <span className={textCss.good}>✓ signed</span>
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section className={paneCss.sidePanel} aria-label="Cautions">
            <h2>Before a connector is opened</h2>
            <p className={textCss.small}>
              Isolate and lock off the supply, discharge capacitors, cover solar panels. Airbag and belt tensioner
              circuits: trained people only, never a meter. Traction voltage and mains: licensed people, local codes.
            </p>
            <p className={clsx(textCss.small, textCss.dim)} style={{ marginTop: 6 }}>
              Nothing here replaces the maker’s sheet.
            </p>
          </section>
        </div>
      </div>
    </PlaceFrame>
  )
}

function EmptyToday() {
  return (
    <section className={noteCss.note} style={{ border: '1px solid var(--hairline)', background: 'var(--bisque)' }}>
      <b>This is where your open jobs stand, each with its next step.</b>
      <p>Begin with a pinout: a CSV with one row a wire. Every contact, seal and setting follows from it.</p>
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
      <ol className={styles.steps} aria-label="Progress">
        {stations.map((station) => {
          const { done, total } = job.progress[station]
          return (
            <li key={station} data-now={station === job.station}>
              <div className={styles.bar}>
                <i style={{ width: `${total === 0 ? 0 : (100 * done) / total}%` }} />
              </div>
              {stationWords[station]}
              <span className={textCss.hidden}>{` ${done} of ${total}`}</span>
            </li>
          )
        })}
      </ol>
      <Button variant={first ? 'filled' : 'default'} component={Link} href={job.href}>
        <span>{first ? 'Resume' : 'Open'}</span>
        {first && <Kbd aria-hidden="true">Enter</Kbd>}
        <span className={textCss.hidden}>{job.title}</span>
      </Button>
    </article>
  )
}
