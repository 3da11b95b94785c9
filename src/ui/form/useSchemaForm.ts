import { type UseFormReturnType, useForm } from '@mantine/form'
import type { z } from 'zod'
import { formUnanswered } from '@/words/unanswered'

/** What a schema finds wrong at a field, for the words of a form. */
export type FieldIssue = z.core.$ZodIssue

/**
 * A form whose schema is fetched at the first submit, so that no page carries it before somebody has typed. What the schema
 * refuses stands at its field, in the form's own words; what it reads is handed on.
 *
 * @param load   the schema; of the values as they are typed, or of what `read` makes of them
 * @param read   figures out of texts, before the schema sees them
 * @param say    the sentence for an issue, by its field
 * @param submit what is done with what was read
 */
export function useSchemaForm<Values extends Record<string, unknown>, Read>({
  initialValues,
  load,
  read = (values) => values,
  say,
  submit,
}: {
  readonly initialValues: Values
  readonly load: () => Promise<z.ZodType<Read>>
  readonly read?: (values: Values) => unknown
  readonly say: (issue: FieldIssue) => string
  readonly submit: (read: Read) => void | Promise<void>
}): {
  readonly form: UseFormReturnType<Values>
  readonly onSubmit: (event?: React.SubmitEvent<HTMLFormElement>) => void
} {
  const form = useForm<Values>({ mode: 'controlled', initialValues })
  const onSubmit = form.onSubmit(async (values) => {
    const schema = await load().catch(() => undefined)
    if (!schema) {
      const [first = ''] = Object.keys(values)
      form.setErrors({ [first]: formUnanswered })
      return
    }
    const checked = schema.safeParse(read(values))
    if (checked.success) {
      await submit(checked.data)
      return
    }
    form.setErrors(Object.fromEntries(checked.error.issues.map((issue) => [issue.path.join('.'), say(issue)])))
  })
  return { form, onSubmit }
}
