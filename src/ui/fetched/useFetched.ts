'use client'
import { useEffect, useRef } from 'react'
import useSWR, { unstable_serialize, useSWRConfig } from 'swr'

/** Reads what came: undefined when it is not what was asked for. */
export type Reader<T> = (body: unknown) => T | undefined

/** What the bench answers is an object that has these fields; what is in them its own code has made. */
export const withFields =
  <T extends object>(...fields: readonly (keyof T & string)[]): Reader<T> =>
  (body) =>
    typeof body === 'object' && body !== null && fields.every((field) => field in body) ? (body as T) : undefined

async function fetchRead<T>(url: string, read: Reader<T>): Promise<T> {
  // the cache of answers is this one, not the browser's
  const response = await fetch(url, { cache: 'no-store' })
  const value = response.ok ? read(await response.json()) : undefined
  if (value === undefined) throw new Error(`${url}: ${response.status}`)
  return value
}

/**
 * Something fetched beside the page, kept in the one cache of what is fetched. Until it has come anew what was there before is
 * shown.
 * @param url     undefined fetches nothing
 * @param version what it depends on: another one fetches it anew
 * @param freshMs how long an answer is as good as a new one
 */
export function useFetched<T>(
  url: string | undefined,
  read: Reader<T>,
  { version = '', freshMs = 0 }: { readonly version?: unknown; readonly freshMs?: number } = {},
): { readonly value: T | undefined; readonly failed: boolean; readonly loading: boolean; readonly again: () => void } {
  const key = url === undefined ? null : ([url, version] as const)
  const { data, error, isLoading, mutate } = useSWR<T, Error>(
    key,
    ([from]: readonly [string, unknown]) => fetchRead(from, read),
    {
      keepPreviousData: true,
      dedupingInterval: freshMs,
      revalidateOnFocus: false,
      revalidateOnReconnect: false,
      shouldRetryOnError: false,
    },
  )
  useForgetting(url, version)
  return { value: data, failed: error !== undefined, loading: isLoading, again: () => void mutate() }
}

/** An answer to an earlier version is never asked for again: it leaves the cache when the next one is asked. */
function useForgetting(url: string | undefined, version: unknown): void {
  const { cache } = useSWRConfig()
  const last = useRef({ url, version })
  useEffect(() => {
    const before = last.current
    last.current = { url, version }
    if (before.url !== undefined && before.url === url && before.version !== version)
      cache.delete(unstable_serialize([before.url, before.version]))
  }, [cache, url, version])
}
