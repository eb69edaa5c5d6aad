import * as words from '@/ui/words/screens/pages';
import '@/ui/mantine.css';
import '@fontsource/ibm-plex-sans/latin-400.css';
import '@fontsource/ibm-plex-sans/latin-500.css';
import '@fontsource/ibm-plex-sans/latin-600.css';
import '@fontsource/ibm-plex-sans/latin-ext-600.css';
import '@fontsource/ibm-plex-sans-condensed/latin-400.css';
import '@fontsource/ibm-plex-sans-condensed/latin-ext-400.css';
import '@fontsource/ibm-plex-sans-condensed/latin-500.css';
import '@fontsource/ibm-plex-sans-condensed/latin-600.css';
import '@fontsource/ibm-plex-sans-condensed/latin-ext-600.css';
import '@/ui/look.css';
import { ColorSchemeScript, MantineProvider, mantineHtmlProps } from '@mantine/core';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import { theme } from '@/ui/theme';

export const metadata: Metadata = {
  description: words.planSendAndSteerTraining,
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

/** Every page is rendered per request: its scripts carry the nonce of this response (see proxy.ts). */
export default async function RootLayout({ children }: { readonly children: React.ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en" {...mantineHtmlProps}>
      <head>
        <ColorSchemeScript defaultColorScheme="auto" {...(nonce === undefined ? {} : { nonce })} />
      </head>
      <body>
        <MantineProvider theme={theme} defaultColorScheme="auto" withGlobalClasses={false}>
          {children}
        </MantineProvider>
      </body>
    </html>
  );
}
