import { NativeSelect, TextInput } from '@mantine/core'
import { type ToolField, toolFields } from '@/core/parts/sheets/toolDraft'
import { DayInput } from '@/ui/form/DayInput'
import { releaseTipWords } from '@/words/release'
import { toolFieldWords, toolFormWords as words } from '@/words/screens/crib/toolForm'
import { heldToolWords } from '@/words/tools'

/** What is offered for a field that is chosen and not typed. */
const choices = (id: ToolField): readonly { readonly value: string; readonly label: string }[] | undefined => {
  if (id === 'held') return Object.entries(heldToolWords).map(([value, label]) => ({ value, label }))
  if (id === 'tip')
    return [{ value: '', label: '' }, ...Object.entries(releaseTipWords).map(([value, label]) => ({ value, label }))]
  if (id === 'insertionEnd')
    return [
      { value: '', label: words.no },
      { value: 'yes', label: words.yes },
    ]
  return undefined
}

/** One field of a tool: chosen, a day, or typed. */
export function ToolFieldInput({
  id,
  text,
  form,
  fixed,
  error,
  write,
}: {
  readonly id: ToolField
  readonly text: string
  /** the form that Enter in it sends, wherever it stands */
  readonly form: string
  readonly fixed: boolean
  readonly error: string | undefined
  readonly write: (text: string) => void
}) {
  const { label, hint, placeholder } = toolFieldWords[id]
  const of = choices(id)
  if (of)
    return (
      <NativeSelect
        label={label}
        description={hint}
        value={text}
        error={error}
        data={[...of]}
        onChange={(event) => write(event.currentTarget.value)}
      />
    )
  if (id === 'doneOn' || id === 'dueOn') return <DayInput label={label} day={text} error={error} onChange={write} />
  return (
    <TextInput
      form={form}
      label={label}
      description={hint}
      placeholder={placeholder}
      value={text}
      error={error}
      readOnly={fixed}
      withAsterisk={toolFields[id].required}
      onChange={(event) => write(event.currentTarget.value)}
    />
  )
}
