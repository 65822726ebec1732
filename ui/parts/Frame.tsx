'use client';

import { CssBaseline, ThemeProvider } from '@mui/material';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { theme } from './theme';

/** What every page stands in: the look, and the cache of what came from the server. */
export function Frame({ children }: { children: ReactNode }) {
  const [client] = useState(() => new QueryClient({ defaultOptions: { queries: { retry: (n, e) => n < 20 && (e as { code?: string }).code === 'database', retryDelay: 1_500, refetchOnWindowFocus: true, staleTime: 2_000 } } }));
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <QueryClientProvider client={client}>{children}</QueryClientProvider>
    </ThemeProvider>
  );
}
