'use client'
import { Button, Kbd, Switch } from '@mantine/core'
import clsx from 'clsx'
import { Link } from '@/ui/address/Link'
import { useRouter } from 'next/navigation'
import { useWhoWorksHere } from '@/ui/frame/Operator'
import { useKeys } from '@/ui/keys/KeyProvider'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { firstStartWords as words } from '@/words/screens/today/firstStart'
import { usePractice } from './usePractice'
import { WhoWorksHere } from './WhoWorksHere'
import styles from './FirstStart.module.css'

const NEW_FAMILY = '/shelf?show=new'
const PACKAGE = '/shelf?show=import'

/** A bench without a job: who works here, and three ways to begin. */
export function FirstStart({ practice }: { readonly practice: boolean }) {
  const router = useRouter()
  const people = useWhoWorksHere()
  const { busy, fault, enter } = usePractice()
  const nobody = people.length === 0
  useKeys(
    nobody
      ? []
      : [
          { key: '1', words: words.connector, run: () => router.push(NEW_FAMILY) },
          { key: '2', words: words.package, run: () => router.push(PACKAGE) },
          ...(practice ? [{ key: '3', words: words.practice, run: () => void enter() }] : []),
        ],
  )
  return (
    <>
      {nobody && <WhoWorksHere />}
      <h2 className={clsx(textCss.cardTitle, styles.begin)}>{nobody ? words.thenBegin : words.begin}</h2>
      <ol className={styles.ways}>
        <li>
          <Kbd aria-hidden="true">1</Kbd>
          <span>
            <b>{words.connector}</b>
            <span className={clsx(textCss.dim, styles.line)}>{words.connectorWhy}</span>
          </span>
          <Button component={Link} href={NEW_FAMILY} variant={nobody ? 'default' : 'filled'} fullWidth={false}>
            {words.connectorDo}
            <span className={textCss.hidden}>: {words.connector}</span>
          </Button>
        </li>
        <li>
          <Kbd aria-hidden="true">2</Kbd>
          <span>
            <b>{words.package}</b>
            <span className={clsx(textCss.dim, styles.line)}>{words.packageWhy}</span>
          </span>
          <Button component={Link} href={PACKAGE} fullWidth={false}>
            {words.packageDo}
          </Button>
        </li>
        {practice && (
          <li>
            <Kbd aria-hidden="true">3</Kbd>
            <span>
              <b>{words.practice}</b>
              <span className={clsx(textCss.dim, styles.line)} role="status">
                {busy ? words.practiceOpens : words.practiceWhy}
              </span>
            </span>
            <Switch checked={busy} disabled={busy} label={words.practiceSwitch} onChange={() => void enter()} />
          </li>
        )}
      </ol>
      {fault !== undefined && (
        <p className={clsx(noteCss.note, noteCss.attend)} role="alert">
          {fault}
        </p>
      )}
    </>
  )
}
