import { type ReactNode, useState } from 'react';
import { NavLink } from 'react-router';
import { FindKey } from './find';
import { Sheet } from './sheet';
import { ThemeKey } from './theme';

const PLACES: [path: string, name: string][] = [
    ['/', 'Day'],
    ['/units', 'Units'],
    ['/circuits', 'Circuits'],
    ['/bench', 'Bench'],
    ['/shop', 'Shop'],
];

/** The row of places under the mark; on a phone a sheet behind it. `slash`: whether / is free to find anything. */
export function Places({ children, slash = true }: { children?: ReactNode; slash?: boolean }) {
    const [open, setOpen] = useState(false);
    const mark = 'min-h-[44px] bg-live px-3 py-1 font-bold text-2xl text-live-ink';
    return (
        <header className="print:hidden flex items-center justify-between gap-3 border-ink border-b-2 px-4 py-2">
            <div className="flex min-w-0 items-center gap-6">
                <span className={`${mark} max-md:hidden`}>Levin</span>
                <button type="button" className={`${mark} md:hidden`} aria-label="Levin ▾ places" onClick={() => setOpen(true)}>
                    Levin ▾
                </button>
                <nav aria-label="Places" className="flex gap-1 text-lg max-md:hidden">
                    {PLACES.map(([path, name]) => (
                        <PlaceLink key={path} path={path} name={name} />
                    ))}
                </nav>
            </div>
            <div className="flex items-center gap-2">
                {children}
                <FindKey slash={slash} />
                <ThemeKey />
            </div>
            <Sheet open={open} onOpenChange={setOpen} title="Places">
                <nav aria-label="Places" className="grid gap-1 text-xl">
                    {PLACES.map(([path, name]) => (
                        <PlaceLink key={path} path={path} name={name} go={() => setOpen(false)} />
                    ))}
                </nav>
            </Sheet>
        </header>
    );
}

function PlaceLink({ path, name, go }: { path: string; name: string; go?: () => void }) {
    return (
        <NavLink
            to={path}
            end={path === '/'}
            onClick={go}
            className="place-link flex min-h-[44px] items-center px-3 aria-[current=page]:font-bold"
        >
            <span>{name}</span>
        </NavLink>
    );
}
