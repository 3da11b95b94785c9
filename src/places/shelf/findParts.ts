import { findPartsWords as words } from '@/words/screens/shelf/findParts'
import { isSleeve } from '@/core/parts/catalogue/types'
import type { Catalogue } from '@/core/parts/catalogue/catalogue'
import { findMatches, type FindItem } from '@/ui/find/findItems'

const lists = new WeakMap<Catalogue, readonly FindItem[]>()

/** Every part and tool of the shelf as something that can be found, by its number, its other numbers or its name. */
function partItems(catalogue: Catalogue): readonly FindItem[] {
  const known = lists.get(catalogue)
  if (known) return known
  const inFamily =
    (kind: string) =>
    (part: {
      readonly id: string
      readonly name: string
      readonly aliases?: readonly string[]
      readonly family: string
    }): FindItem => ({
      id: part.id,
      kind,
      words: part.name,
      also: part.aliases?.join(' ') ?? '',
      href: `/shelf?family=${encodeURIComponent(part.family)}`,
    })
  const items = [
    ...[...catalogue.housings.values()].map(inFamily('housing')),
    ...[...catalogue.contacts.values()].map((contact): FindItem => {
      const item = inFamily('contact')(contact)
      // a bin number is what its bands spell
      return isSleeve(contact) || contact.bin === undefined
        ? item
        : {
            ...item,
            words: `${item.words}, ${words.bin(contact.bin)}`,
            also: `${item.also ?? ''} ${contact.bin}`.trim(),
          }
    }),
    ...[...catalogue.seals.values()].map(inFamily(words.wireSeal)),
    ...[...catalogue.wireTypes.values()].map((type): FindItem => ({
      id: type.id,
      kind: 'wire',
      words: type.name,
      also: type.aliases.join(' '),
      href: '/shelf?show=wires',
    })),
    ...[...catalogue.parts.values()].map((part): FindItem => ({
      id: part.id,
      kind: 'part',
      words: part.name,
      href: '/shelf?show=stock',
    })),
  ]
  lists.set(catalogue, items)
  return items
}

/** Parts of the shelf that a question names, the nearest first. */
export const findParts = (catalogue: Catalogue, question: string): readonly FindItem[] =>
  question.trim().length < 2 ? [] : findMatches(partItems(catalogue), question)
