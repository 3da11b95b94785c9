import { renderToStaticMarkup } from 'react-dom/server'
import type { Housing } from '@/core/catalogue/types'
import { FaceDrawing, type FaceCavity } from '@/ui/face/FaceDrawing'

/** The light tokens, for paper: a PDF knows no custom properties. */
const paper: Readonly<Record<string, string>> = {
  slip: '#ffffff', bisque: '#ffffff', ink: '#1f1b18', glaze: '#12616b', terracotta: '#b4532a', 'terracotta-ink': '#99431f', oxblood: '#8e2430', sans: 'Sans', mono: 'Mono',
}

/** A face as SVG for paper: the same drawing as on screen. */
export function faceSvg(housing: Housing, cavities: ReadonlyMap<string, FaceCavity>, widthPt: number, heightPt: number): string {
  const markup = renderToStaticMarkup(<FaceDrawing housing={housing} view={{ side: 'wire', turnDeg: 0 }} cavities={cavities} title={housing.name} />)
  return markup
    .replace(/var\(--([a-z-]+)\)/g, (_whole, name: string) => paper[name] ?? '#1f1b18')
    .replace(/<title>.*?<\/title>/g, '')
    .replace(/<svg ([^>]*)width="100%" height="100%"/, `<svg $1width="${widthPt}" height="${heightPt}"`)
}
