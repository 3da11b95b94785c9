import { renderToStaticMarkup } from 'react-dom/server'
import type { Housing } from '@/core/parts/catalogue/types'
import { FaceDrawing, type FaceCavity } from '@/ui/face/FaceDrawing'
import type { FaceMove } from '@/ui/face/FaceMoves'
import { withPaperColours } from '@/ui/face/paperColours'

/** A face as SVG for paper: the same drawing as on screen. */
export function faceSvg(
  housing: Housing,
  cavities: ReadonlyMap<string, FaceCavity>,
  widthPt: number,
  heightPt: number,
  moves?: readonly FaceMove[],
  keying?: string,
  side: 'wire' | 'mating' = 'wire',
): string {
  const markup = renderToStaticMarkup(
    <FaceDrawing
      housing={housing}
      keying={keying}
      view={{ side, turnDeg: 0 }}
      cavities={cavities}
      moves={moves}
      title={housing.name}
    />,
  )
  return withPaperColours(markup).replace(
    /<svg ([^>]*)width="100%" height="100%"/,
    `<svg $1width="${widthPt}" height="${heightPt}"`,
  )
}
