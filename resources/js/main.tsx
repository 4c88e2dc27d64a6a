import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { letters } from './api/use-outbox';
import { App } from './app';
import { applyTheme } from './ui/theme';

applyTheme();
// what it refuses is said where something is to be kept
letters.open().catch(() => undefined);
const client = new QueryClient({ defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false } } });
const root = document.getElementById('levin');
if (root !== null) {
    createRoot(root).render(
        <QueryClientProvider client={client}>
            <BrowserRouter>
                <App />
            </BrowserRouter>
        </QueryClientProvider>,
    );
}
