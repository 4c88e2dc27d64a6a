import type { ReactNode } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { useLocation } from 'react-router';
import { Problem } from './problem';

/** A place of the application: what breaks in it stays in it, is said, and can be tried again. */
export function Place({ children }: { children: ReactNode }) {
    const { pathname } = useLocation();
    return (
        <ErrorBoundary
            resetKeys={[pathname]}
            fallbackRender={({ error, resetErrorBoundary }) => (
                <main className="mx-auto max-w-[720px] p-4">
                    <h1 className="px-4 pt-4 font-bold text-2xl">This page broke.</h1>
                    <p className="px-4 pt-2">
                        What you entered before is kept. Try again; if it breaks again, tell the office what it says.
                    </p>
                    <Problem error={error} retry={resetErrorBoundary} />
                    <p className="px-4">
                        <a className="key inline-flex items-center" href="/">
                            To the day
                        </a>
                    </p>
                </main>
            )}
        >
            {children}
        </ErrorBoundary>
    );
}
