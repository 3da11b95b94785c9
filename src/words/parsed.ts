/** Why a body is not read at all. */
export const parsedWords = {
  'not-utf8': 'the body is not UTF-8 text',
  'not-json': 'the body is not JSON',
  'too-deep': 'the body is nested deeper than any document of this bench',
} as const
