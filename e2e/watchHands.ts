import type { Page } from '@playwright/test'

interface Hands {
  /** fields that were typed into or chosen from, each once, wherever they stand */
  readonly fields: number
  /** keys and clicks, apart from the letters of what is typed */
  readonly presses: number
}

/** Counts what hands do on every page from now on. */
export async function watchHands(page: Page): Promise<{ readonly count: () => Promise<Hands> }> {
  const typed = new Set<string>()
  let presses = 0
  const said = `hand${String(Math.round(performance.now() * 1000))}`
  await page.exposeFunction(said, (what: string) => {
    if (what === 'press') presses++
    else typed.add(what)
  })
  const watch = (name: string) => {
    const tell = (what: string) =>
      (window as unknown as Record<string, ((what: string) => void) | undefined>)[name]?.(what)
    const field = (element: EventTarget | null): string | undefined => {
      if (!(element instanceof HTMLElement)) return undefined
      const grid = element.closest('[role=grid]')
      const at = grid?.getAttribute('aria-activedescendant')
      if (grid) return `${grid.getAttribute('aria-label') ?? ''} ${(at ?? '').replace(/^.*?-(?=\d+-\d+$)/, '')}`
      const named = (element as HTMLInputElement).labels?.[0]?.textContent ?? element.getAttribute('aria-label') ?? ''
      return `${document.querySelector('[aria-current=true] b')?.textContent ?? ''} ${document.title} ${named}`
    }
    window.addEventListener(
      'input',
      ({ target }) => {
        const one = field(target)
        if (one !== undefined) tell(one)
      },
      true,
    )
    window.addEventListener(
      'keydown',
      ({ key, target, isTrusted }) => {
        const writes = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement
        if (isTrusted && !(writes && key.length === 1)) tell('press')
      },
      true,
    )
    window.addEventListener('click', ({ isTrusted }) => isTrusted && tell('press'), true)
  }
  await page.addInitScript(watch, said)
  await page.evaluate(watch, said)
  return { count: () => Promise.resolve({ fields: typed.size, presses }) }
}
