import type { SetupPart } from '../crimp/setupPart'
import type { Setup, SetupField } from './setup'

/** Which fields of two setups must agree for a part of the tool to be the same one; none where every setup on the tool has it. */
const same: Readonly<Record<SetupPart, readonly SetupField[] | 'whole-setup'>> = {
  'strip-stop': 'whole-setup',
  'wire-stop': 'whole-setup',
  notch: 'whole-setup',
  positioner: ['positioner', 'turret'],
  selector: 'whole-setup',
  die: ['die'],
  nest: ['nest'],
  locator: ['die', 'positioner', 'turret'],
  frame: [],
}

const all: readonly SetupField[] = ['die', 'positioner', 'turret', 'selector', 'nest', 'wireStopMm', 'notchMm']

/** Was a crimp in one setup made with the very part of the tool that another one has? What is dialled belongs to its own setup. */
export function sharesPart(one: Setup, other: Setup, part: SetupPart): boolean {
  if (one.tool !== other.tool) return false
  const fields = same[part]
  return (fields === 'whole-setup' ? all : fields).every((field) => one[field] === other[field])
}
