import { Anchor } from '@mantine/core'
import clsx from 'clsx'
import { Link } from '@/ui/address/Link'
import { settingDoubts } from '@/core/parts/sheets/settingDoubts'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { familySettingsWords as texts, settingDoubtWords } from '@/words/screens/shelf/familySettings'
import { sheetTitles } from '@/words/sheets'
import type { EditorHand } from './editorHand'
import { FamilySheet } from './FamilySheet'
import styles from './FamilyEditor.module.css'

/** The settings that the sheet gives: rows for the cards of tools, those that are there and those that are not yet. */
export function SettingsStep({ hand }: { readonly hand: EditorHand }) {
  const doubts = settingDoubts(hand.reading.rows, hand.tools)
  return (
    <>
      <div className={clsx(paneCss.work, styles.middle)}>
        <h3 className={textCss.cardTitle}>{sheetTitles.placard}</h3>
        <FamilySheet hand={hand} sheet="placard" fills />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard, styles.aside)} aria-label={texts.about}>
        <h3 className={textCss.cardTitle}>{texts.about}</h3>
        <p>{texts.whatFor}</p>
        {doubts.length > 0 && (
          <ul className={clsx(noteCss.note, noteCss.caution)} aria-label={texts.doubts}>
            {doubts.map((doubt) => (
              <li key={settingDoubtWords(doubt)}>
                <span aria-hidden="true">◆ </span>
                {settingDoubtWords(doubt)}
              </li>
            ))}
          </ul>
        )}
        {doubts.some((one) => one.kind === 'no-tool') && (
          <Anchor component={Link} href="/crib?show=new">
            {texts.enterTool}
          </Anchor>
        )}
      </aside>
    </>
  )
}
