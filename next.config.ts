import type { NextConfig } from 'next';

const config: NextConfig = {
  // For the bench alone, which tells by them what a screen loads.
  productionBrowserSourceMaps: process.env.SOURCE_MAPS === 'yes',
  // Types are checked by `npm test` with the compiler the project pins; the build need not do it twice.
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: ['sequelize', 'mysql2', 'umzug', '@node-rs/argon2', 'highs'],
  // scripts/serve.mjs does it.
  compress: false,
  poweredByHeader: false,
  devIndicators: false,

  async headers() {
    return [
      {
        source: '/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Referrer-Policy', value: 'same-origin' },
          { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
          { key: 'Cross-Origin-Resource-Policy', value: 'same-origin' },
          {
            key: 'Permissions-Policy',
            value: 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), hid=()',
          },
        ],
      },
    ];
  },
};

export default config;
