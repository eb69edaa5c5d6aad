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

  // Addresses of earlier versions. Phones go on sending logged sets to the old one until they reload.
  async redirects() {
    const moved = (source: string, destination: string) => ({ source, destination, permanent: true });
    return [
      moved('/floor/everything', '/training/my-data'),
      moved('/floor/you', '/training/lifts'),
      moved('/floor/:path*', '/training/:path*'),
      moved('/files/take-in', '/import-export/import'),
      moved('/files/:path*', '/import-export/:path*'),
      moved('/words', '/glossary'),
      moved('/let-in/:token', '/invite/:token'),
    ];
  },

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
