import type { ReactNode } from 'react';

/** A stop of a call: what is done there, and beside it what it still asks for. */
export function StopPage({ title, hint, side, children }: { title: string; hint: string; side: ReactNode; children: ReactNode }) {
    return (
        <div className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[minmax(0,1fr)_380px] lg:overflow-hidden">
            <section aria-label={title} className="min-h-0 px-4 pt-4 pb-8 lg:overflow-y-auto lg:px-6">
                <header className="mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
                    <h2 className="font-bold text-2xl">{title}</h2>
                    <p className="text-quiet">{hint}</p>
                </header>
                {children}
            </section>
            <aside className="min-h-0 border-ink bg-margin max-lg:border-t-2 lg:overflow-y-auto lg:border-l-2">{side}</aside>
        </div>
    );
}
