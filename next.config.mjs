/** @type {import('next').NextConfig} */
const config = {
  serverExternalPackages: ['piscina', 'pg'],
  poweredByHeader: false,
  devIndicators: false,
  experimental: { optimizePackageImports: ['@mui/material', '@mui/icons-material'] },
  async headers() {
    return [
      {
        source: '/:path*',
        headers: [
          { key: 'x-content-type-options', value: 'nosniff' },
          { key: 'referrer-policy', value: 'no-referrer' },
          { key: 'x-frame-options', value: 'DENY' },
        ],
      },
    ];
  },
};

export default config;
