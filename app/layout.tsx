import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/atkinson-hyperlegible-mono';
// Greek letters, arrows and names from anywhere: fetched by a browser only where the faces above lack a sign.
import '@fontsource/dejavu-sans/400.css';
import '@fontsource/dejavu-mono/400.css';
import '../ui/theme/lorbet.css';
import { day, night } from '../core/drawing/tokens';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { Providers } from '../ui/shell/Providers';
import { pages as t } from '../ui/texts/en/pages';

export const metadata: Metadata = {
  title: { default: t.lorbet, template: '%s · Lorbet' },
  description: t.fittingADieselHeaterFromThe,
};
export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: day.paper },
    { media: '(prefers-color-scheme: dark)', color: night.paper },
  ],
};

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-theme" defaultMode="system" />
        <AppRouterCacheProvider>
          <Providers>{children}</Providers>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
