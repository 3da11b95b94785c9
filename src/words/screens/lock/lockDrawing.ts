import { mm } from '@/words/figures'

/** What `LockDrawing` says. */
export const lockDrawingWords = {
  goesInFrom: { front: 'in from the front', side: 'in from the side', rear: 'in from behind, over the wires' },
  comesOut: { front: 'off to the front', side: 'up, out at the side', rear: 'back, over the wires' },
  opensBy: (opensMm: number) => `stop ${mm(opensMm)}`,
  matingFace: 'mating face',
  wires: 'wires',
  figures: (stopMm: number | undefined, homeMm: number | undefined) =>
    [stopMm !== undefined && `stop ${mm(stopMm)}`, homeMm !== undefined && `home ${mm(homeMm)}`]
      .filter(Boolean)
      .join(' · '),
}
