import type { SmallPart } from '@/core/parts/catalogue/types'

export const smallPartWords: Readonly<Record<SmallPart['kind'], string>> = {
  'cavity-plug': 'cavity plug',
  lock: 'lock',
  'interface-seal': 'interface seal',
  'mat-seal': 'mat seal',
  cap: 'cap',
  comb: 'wire comb',
  backshell: 'backshell',
  'strain-relief': 'strain relief',
  clip: 'clip',
  'jam-nut': 'jam nut',
  label: 'label',
}
