import { Button } from '@mantine/core'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { mm } from '@/words/figures'
import { familySizesWords as texts } from '@/words/screens/shelf/familySizes'
import type { EditorHand } from './editorHand'
import { FamilySheet } from './FamilySheet'
import styles from './FamilyEditor.module.css'

/** The contact sizes of a family with the bores of their cavities, drawn to one scale beside what must pass them. */
export function SizesStep({ hand }: { readonly hand: EditorHand }) {
  const { draft, set, reading } = hand
  const { sizes, housings, contacts } = reading.soFar
  const known = new Set(sizes.map((size) => size.id))
  const used = [...new Set(housings.flatMap((one) => [one.cavitySize, ...Object.keys(one.otherSizes ?? {})]))].filter(
    (size): size is string => size !== undefined && !known.has(size),
  )
  const widest = Math.max(1, ...sizes.map((size) => size.boreMm ?? 0))
  return (
    <>
      <div className={clsx(paneCss.work, styles.middle)}>
        <section className={clsx(paneCss.panel, styles.drawn)} aria-label={texts.bores}>
          <div className={paneCss.panelHead}>
            <span>{texts.bores}</span>
            <span className={paneCss.caption}>{texts.oneScale}</span>
          </div>
          <div className={styles.bores}>
            {sizes.flatMap((size) =>
              size.boreMm === undefined
                ? []
                : [
                    <figure key={size.id}>
                      <svg
                        viewBox={`${String(-widest / 2 - 0.4)} ${String(-widest / 2 - 0.4)} ${String(widest + 0.8)} ${String(widest + 0.8)}`}
                        aria-hidden="true"
                      >
                        <circle r={size.boreMm / 2} fill="var(--slip)" stroke="var(--ink)" strokeWidth={0.06} />
                        {contacts.flatMap((contact) =>
                          'size' in contact && contact.size === size.id && contact.crimpedMm !== undefined
                            ? [
                                <circle
                                  key={contact.id}
                                  r={contact.crimpedMm / 2}
                                  fill="none"
                                  stroke={contact.crimpedMm > (size.boreMm ?? 0) ? 'var(--oxblood)' : 'var(--glaze)'}
                                  strokeWidth={0.1}
                                />,
                              ]
                            : [],
                        )}
                      </svg>
                      <figcaption>
                        <b className={textCss.mono}>{size.id}</b> {mm(size.boreMm)}
                      </figcaption>
                    </figure>,
                  ],
            )}
            {sizes.every((size) => size.boreMm === undefined) && <p className={textCss.dim}>{texts.noBoreYet}</p>}
          </div>
        </section>
        <FamilySheet hand={hand} sheet="sizes" fills />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard, styles.aside)} aria-label={texts.aboutSizes}>
        <h3 className={textCss.cardTitle}>{texts.aboutSizes}</h3>
        <p>{texts.whatForBore}</p>
        <p>{texts.whatForMat}</p>
        <p>{texts.whatForRetention}</p>
        <p>{texts.whatForFixing}</p>
        {used.length > 0 && (
          <>
            <p className={clsx(noteCss.note, noteCss.attend)}>◆ {texts.housingsName(used)}</p>
            <Button
              onClick={() =>
                set({
                  sheets: { ...draft.sheets, sizes: [...draft.sheets.sizes, ...used.map((id) => ({ id }))] },
                })
              }
            >
              <span>{texts.takeThem(used.length)}</span>
            </Button>
          </>
        )}
      </aside>
    </>
  )
}
