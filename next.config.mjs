/** @type {import('next').NextConfig} */
const config = {
  serverExternalPackages: ['piscina', 'pg', 'exceljs'],
  poweredByHeader: false,
  devIndicators: false,
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
