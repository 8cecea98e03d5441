import '@fontsource-variable/atkinson-hyperlegible-next';
import '@/ui/base.css';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { Metadata } from 'next';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { Shell } from '@/features/shell/Shell';
import { AppTheme } from '@/ui/AppTheme';
import { UnitProvider } from '@/ui/unit';

export const metadata: Metadata = {
  title: { default: 'Idle Stretch', template: '%s · Idle Stretch' },
  description: 'From a swatch and a tape to a garment that fits.',
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  const unit = (await cookies()).get('unit')?.value === 'in' ? 'in' : 'cm';
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-theme" defaultMode="system" {...(nonce ? { nonce } : {})} />
        <AppRouterCacheProvider options={nonce ? { nonce } : {}}>
          <AppTheme>
            <UnitProvider initial={unit}>
              <Shell>{children}</Shell>
            </UnitProvider>
          </AppTheme>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
