import type { Setup } from '@/core/craft/setup/setup'
import { parseColour, wireColours } from '@/core/base/wire/colour'
import { figure } from './figures'

/** An id letter by letter and digit by digit, as it is read out: `W07a` is `W 0 7 a`. */
export const spelt = (id: string): string =>
  id
    .replace(/([A-Za-z])(?=\d)|(\d)(?=[A-Za-z\d])/g, '$1$2 ')
    .replace(/\s+/g, ' ')
    .trim()

/** A wire's colour in whole words. */
export function spokenColour(colour: string): string {
  const parsed = parseColour(colour)
  if (!parsed) return colour
  return parsed.stripe
    ? `${wireColours[parsed.base].name} with ${wireColours[parsed.stripe].name}`
    : wireColours[parsed.base].name
}

/** What the hands need at a cavity. */
export const spokenCavity = (said: {
  readonly label: string
  readonly cavity: string
  readonly place?: string | undefined
  readonly wire?: string | undefined
  readonly colour?: string | undefined
}): string =>
  [
    said.wire === undefined
      ? undefined
      : `Wire ${spelt(said.wire)}${said.colour === undefined ? '' : `, ${spokenColour(said.colour)}`}`,
    `${said.label} ${spelt(said.cavity)}`,
    said.place,
  ]
    .filter((part) => part !== undefined)
    .join('. ')

/** What the hands need at a crimp: wire, strip, what is dialled. */
export function spokenCrimp(wire: string, colour: string, stripMm: number, setup: Setup): string {
  const dialled = [
    setup.die === undefined ? undefined : `die ${spelt(setup.die)}`,
    setup.positioner === undefined ? undefined : `positioner ${spelt(setup.positioner)}`,
    setup.selector === undefined ? undefined : `selector ${setup.selector}`,
    setup.nest === undefined ? undefined : `nest ${setup.nest}`,
  ]
  return [`Wire ${spelt(wire)}, ${spokenColour(colour)}`, `strip ${figure(stripMm, 1)}`, ...dialled]
    .filter((part) => part !== undefined)
    .join('. ')
}
