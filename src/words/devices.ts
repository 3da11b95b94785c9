import type { DeviceFault } from '@/core/base/instrument/deviceFault'
import type { InstrumentId } from '@/core/base/instrument/instruments'
import type { PieceFault } from '@/core/craft/specimen/pieceMade'
import { figure } from './figures'

export const instrumentWords: Readonly<Record<InstrumentId, { readonly name: string; readonly what: string }>> = {
  'pull-tester': { name: 'Pull tester', what: 'pulls a crimp to destruction, newtons' },
  micrometer: { name: 'Crimp micrometer', what: 'height of the conductor crimp, mm' },
  analyser: { name: 'Cable analyser', what: 'resistance between two points, ohms' },
}

export const unitWords: Readonly<Record<string, string>> = { N: 'N', mm: 'mm', ohm: 'Ω' }

/** Why there is no figure, and what to do: nothing was recorded. */
export function deviceFaultWords(fault: DeviceFault): string {
  switch (fault.kind) {
    case 'no-address':
      return 'No instrument is set up here. Say where it is, or type the figure.'
    case 'unreachable':
      return `Nothing answers at ${fault.host}:${String(fault.port)}. Is it on, is its cable in? Try again, or type the figure.`
    case 'timeout':
      return `No answer to ${fault.asked} within ${figure(fault.afterMs / 1000, 1)} s. Try again, or type the figure.`
    case 'broken-off':
      return fault.got === ''
        ? 'The link broke. No figure was taken: measure another piece, or type the figure.'
        : `The link broke in the middle of a line (“${fault.got}”). No figure was taken: measure another piece, or type the figure.`
    case 'rubbish':
      return `It answered “${fault.got}” to ${fault.asked}, which is no reading. Try again, or type the figure.`
    case 'out-of-range':
      return fault.value > 9e36
        ? 'It has nothing to measure: lay a piece in, then again.'
        : `${figure(fault.value, 3)} ${fault.unit} is outside what it can measure (${figure(fault.min, 2)} to ${figure(fault.max, 0)} ${fault.unit}). Nothing was taken.`
    case 'wrong-unit':
      return `It is set to ${fault.got}, ${fault.expected} is expected. Set it back: nothing was taken.`
    case 'refused':
      return `It refused ${fault.asked}: ${fault.text}.`
    case 'other-instrument':
      return `“${fault.got}” answers there, a ${fault.expected} is expected.`
    case 'stopped':
      return 'Stopped. Nothing was taken.'
  }
}

export const pieceFaultWords: Readonly<Record<PieceFault, string>> = {
  'strip-short': 'stripped short',
  'not-home': 'not pushed home',
  loose: 'too loose',
  tight: 'too tight',
  'strands-cut': 'half of its strands cut',
}
