'use client'
import { TextInput } from '@mantine/core'
import { useEffect, useRef, useState } from 'react'
import styles from './CellEditor.module.css'

export interface CellTyping {
  readonly initial: string
  /** the first key that was typed replaces what stood there */
  readonly typed: boolean
  readonly suggestions: readonly string[]
  /** takes the text, and says where the hand goes next */
  readonly commit: (text: string, byRows: number, byColumns: number) => void
  readonly cancel: () => void
}

/** A cell while it is typed into. Enter goes down, Tab to the right, Escape leaves it as it was; leaving it keeps what was typed. */
export function CellEditor({
  initial,
  typed,
  suggestions,
  commit,
  cancel,
  heading,
  id,
}: CellTyping & { readonly heading: string; readonly id: string }) {
  const [text, setText] = useState(initial)
  const box = useRef<HTMLInputElement>(null)
  const done = useRef(false)
  useEffect(() => {
    box.current?.focus()
    if (!typed) box.current?.select()
  }, [typed])
  const finish = (work: () => void) => {
    if (done.current) return
    done.current = true
    work()
  }
  return (
    <>
      <TextInput
        ref={box}
        variant="unstyled"
        classNames={{ root: styles.root, wrapper: styles.root, input: styles.input }}
        aria-label={heading}
        value={text}
        list={suggestions.length > 0 ? `${id}-suggested` : undefined}
        autoComplete="off"
        spellCheck={false}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => finish(() => commit(text, 0, 0))}
        onKeyDown={(event) => {
          if (event.nativeEvent.isComposing) return
          event.stopPropagation()
          if (event.key === 'Enter') finish(() => commit(text, event.shiftKey ? -1 : 1, 0))
          else if (event.key === 'Tab') {
            event.preventDefault()
            finish(() => commit(text, 0, event.shiftKey ? -1 : 1))
          } else if (event.key === 'Escape') finish(cancel)
        }}
      />
      {suggestions.length > 0 && (
        <datalist id={`${id}-suggested`}>
          {suggestions.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
    </>
  )
}
