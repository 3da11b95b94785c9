'use client'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { useBurst, useKeys } from '../keys/KeyProvider'
import type { FindItem } from './findItems'

const FindBox = dynamic(() => import('./FindBox').then((module) => module.FindBox), { ssr: false })

/** Opens the find box, by hand, by Ctrl+K, or by a scan that no screen knows at once. */
export function FindButton({ items, onScan }: { readonly items: readonly FindItem[]; readonly onScan?: ((text: string) => boolean) | undefined }) {
  const [question, setQuestion] = useState<string>()
  useKeys([{ key: 'ctrl+k', words: 'Find anything', run: () => setQuestion('') }])
  useBurst((text) => {
    if (!onScan?.(text)) setQuestion(text)
  })
  return (
    <>
      <button type="button" className="find-button" onClick={() => setQuestion('')}>
        Find or scan <kbd aria-hidden="true">Ctrl K</kbd>
      </button>
      {question !== undefined && <FindBox items={items} question={question} close={() => setQuestion(undefined)} />}
    </>
  )
}
