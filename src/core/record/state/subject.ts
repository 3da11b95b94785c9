import { setKey } from '../plan/keys'
import type { SideLetter } from '../plan/plan'

/** The subjects of a journal, spelled in one place: what an entry is about. */
export const subject = {
  plan: 'plan',
  wire: (id: string) => `wire ${id}`,
  end: (id: string) => `end-of-plan ${id}`,
  set: (wire: string, side: SideLetter) => `set ${setKey(wire, side)}`,
  setOf: (key: string) => `set ${key}`,
  cut: (key: string) => `cut ${key}`,
  term: (key: string) => `term ${key}`,
  cavity: (key: string) => `cavity ${key}`,
  endState: (key: string) => `end ${key}`,
  setup: (id: string) => `setup ${id}`,
  tool: (id: string) => `tool ${id}`,
  apart: (key: string) => `apart ${key}`,
  through: (key: string) => `through ${key}`,
  analysed: (unit: string) => `analysed ${unit}`,
  moved: (unit: string) => `moved ${unit}`,
  net: (key: string) => `net ${key}`,
  toolCheck: (id: string) => `verification ${id}`,
  adjustment: (id: string) => `adjustment ${id}`,
  lacing: (key: string) => `lacing ${key}`,
  seatOrder: (end: string) => `seat order ${end}`,
  photos: (key: string) => `photos ${key}`,
  bundle: (key: string) => `bundle ${key}`,
  torqueTool: (id: string) => `torque tool ${id}`,
  leads: 'leads',
  tray: 'tray',
  signatures: 'signatures',
  note: (id: string) => `note ${id}`,
} as const
