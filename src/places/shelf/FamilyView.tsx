'use client'
import { familyViewWords as words } from '@/words/screens/shelf/familyView'
import { Button, Kbd } from '@mantine/core'
import { FamilyContacts } from './FamilyContacts'
import { FamilyHousings } from './FamilyHousings'
import { FamilyParts } from './FamilyParts'
import { FamilySeals } from './FamilySeals'
import { FamilySettings } from './FamilySettings'
import { waitingWords } from '@/words/catalogue'
import { familyWords } from '@/words/families'
import type { FamilyPage } from './shelfData'
import styles from './FamilyView.module.css'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { Link } from '@/ui/address/Link'

/** A family as it stands on the shelf: its faces, contacts, seals, small parts, and the settings for its contacts. */
export function FamilyView({ page }: { readonly page: FamilyPage }) {
  const { family, waiting } = page
  const href = (show: string) => `/shelf?show=${show}&family=${encodeURIComponent(family.id)}`
  return (
    <>
      <div className={clsx(paneCss.pageHead, styles.spaced)}>
        <div>
          <h2 className={paneCss.pageTitle}>{family.name}</h2>
          <p className={clsx(textCss.small, textCss.dim)}>
            {familyWords(family)} {family.source.document}
            {family.source.revision !== undefined && `, rev ${family.source.revision}`}
            {family.source.basis !== 'sheet' && ` (${family.source.basis})`}.
          </p>
        </div>
        <span className={styles.row}>
          <Button fullWidth={false} component={Link} href={href('edit')}>
            <span>{words.edit}</span> <Kbd aria-hidden="true">E</Kbd>
          </Button>
          <Button fullWidth={false} component={Link} href={href('duplicate')}>
            <span>{words.duplicate}</span>
          </Button>
          <Button
            fullWidth={false}
            component="a"
            href={`/shelf/export?family=${encodeURIComponent(family.id)}&as=yaml`}
          >
            <span>{words.yaml}</span>
          </Button>
          <Button
            fullWidth={false}
            component="a"
            href={`/shelf/export?family=${encodeURIComponent(family.id)}&as=json`}
          >
            <span>{words.json}</span>
          </Button>
        </span>
      </div>
      {waiting.length > 0 && (
        <ul className={clsx(noteCss.note, noteCss.caution)} aria-label={words.waits}>
          {waiting.map((one) => (
            <li key={waitingWords(one)}>
              <span aria-hidden="true">◆ </span>
              {waitingWords(one)}
            </li>
          ))}
        </ul>
      )}
      {family.housings.length > 0 && <FamilyHousings key={family.id} family={family} />}
      <FamilyContacts contacts={family.contacts} />
      {family.seals.length > 0 && <FamilySeals seals={family.seals} />}
      {(family.sizes.length > 0 || family.parts.length > 0) && <FamilyParts family={family} />}
      <FamilySettings page={page} />
    </>
  )
}
