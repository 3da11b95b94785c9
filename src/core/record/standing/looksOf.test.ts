import { expect, test } from 'vitest'
import type { HouseRules } from '../../parts/rules/houseRules'
import { leadsUnder } from './crimpRules.testing'
import { looksOf } from './looksOf'

/** What is looked at on the two sides of a lead under these rules: a machined contact, then a stamped socket with its seal. */
const looksUnder = (rules: Partial<HouseRules>) => {
  const { state } = leadsUnder(rules, () => true)
  return ['W1/a', 'W1/b'].map((key) => {
    const set = state.sets.get(key)
    return set ? looksOf(state, set).filter((look) => look === 'pin-goes-home' || look === 'holds-by-hand') : []
  })
}

test.each<[string, Partial<HouseRules>, readonly (readonly string[])[]]>([
  ['nothing besides', {}, [[], []]],
  ['a pin in each stamped socket', { matingPin: 'sockets' }, [[], ['pin-goes-home']]],
  ['each crimp pulled by hand', { handPull: 'each-crimp' }, [['holds-by-hand'], ['holds-by-hand']]],
  ['pulled at Prove is no look', { handPull: 'each' }, [[], []]],
])('%s', (_, rules, looks) => {
  expect(looksUnder(rules)).toEqual(looks)
})

test('a contact whose sheet asks for the pin has the look whatever the house rules say', () => {
  const { state } = leadsUnder({}, () => true)
  const set = state.sets.get('W1/b')
  const contact = set && state.facts.contacts[set.contact]
  if (!set || !contact || !('gender' in contact)) throw new Error('no contact')
  const facts = { ...state.facts, contacts: { ...state.facts.contacts, [contact.id]: { ...contact, pinTry: true } } }
  expect(looksOf({ ...state, facts }, set)).toContain('pin-goes-home')
})
