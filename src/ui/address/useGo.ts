'use client'
import { useRouter } from 'next/navigation'
import { useCallback } from 'react'
import { afterAddressWrites } from './addressWrites'

/** Goes to another page by a key or a press: never lost to a selection that the address was about to be told. */
export function useGo(): (href: string) => void {
  const router = useRouter()
  return useCallback((href: string) => afterAddressWrites(() => router.push(href)), [router])
}
