import highsLoader from 'highs'
import { cheapestTools } from '@/core/work/kit/buyList'
import { chooseWholeJob, usedParts, usedSetups } from '@/core/work/kit/wholeJob'
import { highsSolver } from './highsSolver'
import type { KitRequest, KitReply } from './kitClient'

/** Solves Kit's problems beside the page. The page ends the worker to cancel. */
const reply = (message: KitReply) => self.postMessage(message)
const clock = () => performance.now() / 1000

self.onmessage = (event: MessageEvent<KitRequest>) => {
  void highsLoader({ locateFile: () => '/highs.wasm' }).then(
    (highs) => {
      const solve = highsSolver(highs)
      const { data } = event
      if (data.kind === 'tools') {
        reply({ kind: 'tools', list: cheapestTools(data.classes, solve, 10) })
        return
      }
      const times = { solve, setupsS: 30, laterS: 15, clock }
      const choice = chooseWholeJob(data.problem, {
        ...times,
        onProgress: (goal, progress) => reply({ kind: 'progress', goal, ...progress }),
      })
      const free = data.free && chooseWholeJob(data.free, times)
      const price = (goals: typeof choice.goals) => goals.find((goal) => goal.goal === 'price')?.value ?? 0
      reply({
        kind: 'choice',
        choice,
        ...(data.free &&
          free && {
            byHandCosts: {
              setups:
                usedSetups(data.problem.groups, choice.options).size - usedSetups(data.free.groups, free.options).size,
              parts:
                usedParts(data.problem.groups, choice.options).size - usedParts(data.free.groups, free.options).size,
              price: price(choice.goals) - price(free.goals),
            },
          }),
      })
    },
    (error: unknown) => reply({ kind: 'failed', why: String(error) }),
  )
}
