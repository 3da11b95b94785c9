import NextLink from 'next/link'
import type { ComponentProps } from 'react'

/**
 * A link within the bench. What it leads to is not asked for before somebody goes there: each page is made from the record as it
 * stands at that moment.
 */
export const Link = (props: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) => (
  <NextLink {...props} prefetch={false} />
)
