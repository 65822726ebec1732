import type { Metadata } from 'next';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { ReactNode } from 'react';
import { Frame } from '../ui/parts/Frame';

export const metadata: Metadata = { title: 'Kulfi', description: 'Say what should change in your rows, see it, keep it.' };

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <AppRouterCacheProvider>
          <Frame>{children}</Frame>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
