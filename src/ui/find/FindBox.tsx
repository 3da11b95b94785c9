'use client'
import { findBoxWords as words } from '@/words/screens/find/findBox'
import { Combobox, TextInput, useCombobox } from '@mantine/core'
import { useDebouncedValue } from '@mantine/hooks'
import { useEffect, useState } from 'react'
import { useGo } from '../address/GoProvider'
import { Overlay } from '../frame/Overlay'
import { type FindItem, findMatches } from './findItems'
import { useFetched, withFields } from '@/ui/fetched/useFetched'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import styles from './FindBox.module.css'
import textCss from '@/ui/text/text.module.css'

const SHOWN = 14

const readFound = withFields<{ readonly found: readonly FindItem[] }>('found')
const nothing: readonly FindItem[] = []

/** Parts of the shelf that the text names, asked for when the typing pauses; what this page knows is found all the same. */
function useShelfParts(text: string): readonly FindItem[] {
  const [asked] = useDebouncedValue(text.trim(), 120)
  const { value } = useFetched(asked.length < 2 ? undefined : `/shelf/find?q=${encodeURIComponent(asked)}`, readFound)
  return asked.length < 2 ? nothing : (value?.found ?? nothing)
}

/** One field that finds jobs, stations, wires and cavities of this page, and every part of the shelf. */
export function FindBox({
  find,
  question,
  close,
}: {
  readonly find: () => readonly FindItem[]
  readonly question: string
  readonly close: () => void
}) {
  const goTo = useGo()
  const [items] = useState(find)
  const [text, setText] = useState(question)
  const combobox = useCombobox({ opened: true })
  const parts = useShelfParts(text)
  const here = findMatches(items, text)
  const found = [
    ...here,
    ...parts.filter((part) => !here.some((item) => item.href === part.href && item.id === part.id)),
  ].slice(0, SHOWN)
  const go = (item: FindItem | undefined) => {
    if (!item) return
    close()
    goTo(item.href)
  }
  // Enter takes the first that is found
  useEffect(() => void combobox.selectFirstOption(), [combobox, text, parts])
  const isFigure = /^\d+([.,]\d+)?$/.test(question)
  return (
    <Overlay label={words.findOrScan} close={close}>
      <Combobox store={combobox} onOptionSubmit={(id) => go(found.find((item) => idOf(item) === id))}>
        <Combobox.EventsTarget withExpandedAttribute>
          <TextInput
            // oxlint-disable-next-line jsx-a11y/role-has-required-aria-props -- the target around it gives them
            role="combobox"
            aria-label={words.findWireCavityPart}
            data-autofocus
            value={text}
            placeholder={words.wireCavityPartJob}
            onChange={(event) => setText(event.target.value)}
          />
        </Combobox.EventsTarget>
        {isFigure && (
          <p className={clsx(noteCss.note, noteCss.caution, styles.note)}>{words.cameFromCalliperOr(question)}</p>
        )}
        <Combobox.Options aria-label={words.found} className={styles.options}>
          {found.map((item) => (
            <Combobox.Option key={idOf(item)} value={idOf(item)} className={styles.option}>
              <span className={textCss.mono}>{item.id}</span>
              <span>{item.words}</span>
              <span className={clsx(textCss.dim, textCss.small)}>{item.kind}</span>
            </Combobox.Option>
          ))}
        </Combobox.Options>
      </Combobox>
      {found.length === 0 && <p className={clsx(textCss.dim, styles.none)}>{words.nothingHereIsCalled(text)}</p>}
    </Overlay>
  )
}

const idOf = (item: FindItem) => `${item.kind} ${item.id}`
