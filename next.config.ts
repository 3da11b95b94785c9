import type { NextConfig } from 'next'
import { securityHeaders } from './src/api/callerCheck'

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // it answers on this machine alone: to compress an answer takes longer than to send it
  compress: false,
  // `npm test` has just checked the same sources
  typescript: { ignoreBuildErrors: process.env.URN_TYPES_CHECKED === '1' },
  serverExternalPackages: ['@electric-sql/pglite', 'pdfmake', 'pg', 'pino', 'sharp'],
  // every answer has them: pages, endpoints, imports, files of kit and papers alike
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        headers: Object.entries(securityHeaders).map(([key, value]) => ({ key, value })),
      },
      {
        source: '/:place(api|jobs|shelf|ledger)/:path*',
        headers: [{ key: 'Cache-Control', value: 'no-store' }],
      },
    ]),
  experimental: {
    optimizePackageImports: ['@mantine/core', '@mantine/hooks'],
    // to write it takes longer than the next build would gain
    turbopackFileSystemCacheForBuild: false,
  },
}

export default config
