import { appLayoutWords as words } from '@/words/screens/app/appLayout'
import '@fontsource/atkinson-hyperlegible/400.css'
import '@fontsource/atkinson-hyperlegible/700.css'
import '@fontsource/ibm-plex-mono/400.css'
import '@fontsource/ibm-plex-mono/500.css'
import '@fontsource/ibm-plex-mono/600.css'
import '@/ui/theme/mantine.css'
import '@/ui/theme/reset.css'
import { ColorSchemeScript, mantineHtmlProps } from '@mantine/core'
import type { Metadata, Viewport } from 'next'
import { headers } from 'next/headers'
import type { ReactNode } from 'react'
import { benchClock } from '@/data/benchClock'
import { benchSays } from '@/data/benchSays'
import { homePort, world } from '@/data/world'
import { currentOperator, operators } from '@/places/today/operators'
import { Providers } from '@/ui/frame/Providers'

export const metadata: Metadata = {
  title: { default: words.urnBench, template: words.sUrnBench },
  description: words.rightContactSealDie,
}
export const viewport: Viewport = {
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: '#f7f4ee' },
    { media: '(prefers-color-scheme: dark)', color: '#14110f' },
  ],
}

/** No page is made at build time: a page would open the data folder, and the server that starts right after would find it taken. */
export const dynamic = 'force-dynamic'

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? ''
  const [people, { zone }, says] = await Promise.all([operators(), benchClock(), benchSays()])
  return (
    <html lang="en" data-world={world()} {...mantineHtmlProps}>
      <head>
        <ColorSchemeScript nonce={nonce} defaultColorScheme="auto" />
      </head>
      <body>
        <Providers
          nonce={nonce}
          zone={zone}
          says={says}
          people={people}
          operator={await currentOperator(people)}
          homePort={homePort()}
        >
          {children}
        </Providers>
      </body>
    </html>
  )
}
