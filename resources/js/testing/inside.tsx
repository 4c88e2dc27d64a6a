import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { MemoryRouter } from 'react-router';
import { aUser } from './shapes';

/** The application around a piece of it: somebody signed in, an address, and no answer kept from another test. */
export function Inside({ children, at = '/' }: { children: ReactNode; at?: string }) {
    const [client] = useState(() => {
        const fresh = new QueryClient({ defaultOptions: { queries: { retry: false } } });
        fresh.setQueryData(['session'], aUser());
        return fresh;
    });
    return (
        <QueryClientProvider client={client}>
            <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
        </QueryClientProvider>
    );
}
