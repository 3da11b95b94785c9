import type { z } from 'zod'

type Issue = z.core.$ZodIssue

const things: Readonly<Record<string, string>> = {
  number: 'a number',
  string: 'a text',
  array: 'a list',
  object: 'an object',
  record: 'an object',
  boolean: 'true or false',
  int: 'a whole number',
}

/** Texts of a form of their own; a pattern says by itself what would be right. */
const formats: Readonly<Record<string, string>> = {
  datetime: 'must be a time like 2026-11-25T09:30:00Z',
  date: 'must be a day like 2026-11-25',
  url: 'must be an address like https://example.org',
  email: 'must be a mail address',
}

/** Schema issues in plain words: what is wrong and what would be right. */
export function plainIssues(error: {
  readonly issues: readonly Issue[]
}): { path: (string | number)[]; message: string }[] {
  return error.issues.flatMap((issue) => {
    const deeper = issue.code === 'invalid_union' ? nearest(issue) : undefined
    return (deeper ?? [issue]).map((one) => ({
      path: [...(deeper ? issue.path : []), ...one.path].map((part) =>
        typeof part === 'number' ? part : String(part),
      ),
      message: words(one),
    }))
  })
}

/** Of the branches of a union, the one with the fewest issues is the one that was meant. */
function nearest(issue: Extract<Issue, { code: 'invalid_union' }>): Issue[] | undefined {
  const branches = [...issue.errors].sort((a, b) => a.length - b.length)
  return branches[0] && branches[0].length > 0 ? branches[0] : undefined
}

function words(issue: Issue): string {
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined && issue.message.includes('undefined')
        ? `is missing: ${things[issue.expected] ?? issue.expected} is wanted`
        : `must be ${things[issue.expected] ?? issue.expected}`
    case 'too_small':
      return issue.origin === 'array'
        ? `needs at least ${issue.minimum}`
        : issue.origin === 'string'
          ? 'must not be empty'
          : `must be ${issue.inclusive ? 'at least' : 'above'} ${issue.minimum}`
    case 'too_big':
      return issue.origin === 'array'
        ? `has more than ${issue.maximum}`
        : issue.origin === 'string'
          ? `must not be longer than ${issue.maximum}`
          : `must be ${issue.inclusive ? 'at most' : 'below'} ${issue.maximum}`
    case 'invalid_value':
      return `must be one of ${issue.values.map(String).join(', ')}`
    case 'unrecognized_keys':
      return `has fields that are not known: ${issue.keys.join(', ')}; take them out, or correct their names`
    case 'invalid_union':
      return 'fits none of the forms that are known'
    case 'invalid_format':
      return formats[issue.format] ?? issue.message
    case 'not_multiple_of':
      return `must be a multiple of ${issue.divisor}`
    case 'invalid_key':
    case 'invalid_element':
      return 'holds something that does not belong there'
    case 'custom':
      return issue.message
  }
}
