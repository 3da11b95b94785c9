'use client'
import { useComputedColorScheme, useMantineColorScheme } from '@mantine/core'

/** Light or dark, as chosen here or by the system, and how to change it. */
export function useColorScheme(): { readonly dark: boolean; readonly toggle: () => void } {
  const { setColorScheme } = useMantineColorScheme()
  const dark = useComputedColorScheme('light', { getInitialValueInEffect: true }) === 'dark'
  return { dark, toggle: () => setColorScheme(dark ? 'light' : 'dark') }
}
