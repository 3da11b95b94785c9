import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { readRecordCode } from '@/core/record/journal/recordCode'
import { useJob } from '@/ui/job/JobProvider'
import textCss from '@/ui/text/text.module.css'
import { papersWords as words } from '@/words/screens/close/papers'

interface Sheet {
  readonly matches: boolean
  readonly since: number
  readonly signed: boolean
}

/** A printed sheet is held against the record by the code that stands on it. */
export function CheckSheet() {
  const { id } = useJob()
  const [code, setCode] = useState('')
  const [sheet, setSheet] = useState<Sheet | 'unanswered'>()
  const isCode = readRecordCode(code) !== undefined
  const ask = async () => {
    try {
      const response = await fetch(
        `/api/v1/jobs/${encodeURIComponent(id)}/verify?code=${encodeURIComponent(code.trim())}`,
      )
      const said = (await response.json()) as { readonly sheet?: Sheet }
      setSheet(said.sheet ?? 'unanswered')
    } catch {
      setSheet('unanswered')
    }
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (isCode) void ask()
      }}
    >
      <TextInput
        label={words.codeOfSheet}
        placeholder={words.likeThis}
        value={code}
        onChange={(event) => {
          setCode(event.target.value)
          setSheet(undefined)
        }}
        error={code !== '' && !isCode}
      />
      {sheet !== undefined && (
        <p
          role="status"
          className={sheet === 'unanswered' ? textCss.caution : sheet.matches ? textCss.good : textCss.fault}
        >
          {sheet === 'unanswered' ? words.unanswered : words.sheetSays(sheet.matches, sheet.signed, sheet.since)}
        </p>
      )}
    </form>
  )
}
