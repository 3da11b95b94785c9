import type { NextConfig } from 'next'

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // `npm test` has just checked the same sources
  typescript: { ignoreBuildErrors: process.env.URN_TYPES_CHECKED === '1' },
  serverExternalPackages: ['@electric-sql/pglite', 'pdfmake', 'pg', 'pino', 'sharp'],
  experimental: { optimizePackageImports: ['@mantine/core', '@mantine/hooks', '@tabler/icons-react'] },
}

export default config
