import fc from 'fast-check'
import { expect, test } from 'vitest'
import { advance, redo, startHistory, undo } from './history'

test('undo and redo go back and forth; a new step forgets what was undone', () => {
  const steps = fc.array(fc.constantFrom('undo', 'redo', 'step'), { maxLength: 40 })
  fc.assert(
    fc.property(steps, (moves) => {
      let history = startHistory(0)
      const model: number[] = [0]
      let at = 0
      let next = 1
      for (const move of moves) {
        if (move === 'undo') [history, at] = [undo(history), Math.max(0, at - 1)]
        else if (move === 'redo') [history, at] = [redo(history), Math.min(model.length - 1, at + 1)]
        else {
          model.splice(at + 1)
          model.push(next)
          at++
          history = advance(history, next++)
        }
        expect(history.now).toBe(model[at])
      }
    }),
  )
})
