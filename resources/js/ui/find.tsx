import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useFind } from '../api/queries';
import { Problem } from './problem';
import { Sheet } from './sheet';

/** Whether a key that is pressed belongs to what is being typed. */
const isTyping = (e: KeyboardEvent) => e.target instanceof HTMLElement && e.target.matches('input, textarea, select');

/** The key to everything that has a page, and / from anywhere; `slash`: whether that is free here. */
export function FindKey({ slash = true }: { slash?: boolean }) {
    const [open, setOpen] = useState(false);
    useEffect(() => {
        const onKey = (e: KeyboardEvent) => {
            if (slash && e.key === '/' && !e.ctrlKey && !e.metaKey && !e.altKey && !isTyping(e)) {
                e.preventDefault();
                setOpen(true);
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, [slash]);
    return (
        <>
            <button type="button" className="key" aria-label="Find anything" onClick={() => setOpen(true)}>
                Find
            </button>
            <FindSheet open={open} onOpenChange={setOpen} />
        </>
    );
}

function FindSheet({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    const [words, setWords] = useState('');
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Find a unit or a call">
            <input
                className="field mb-2"
                type="search"
                name="find-anything"
                aria-label="Words, or a call's number"
                placeholder="hall, bakery, 1042, serial number…"
                value={words}
                onChange={(e) => setWords(e.target.value)}
            />
            <Found
                words={words}
                go={() => {
                    setWords('');
                    onOpenChange(false);
                }}
            />
        </Sheet>
    );
}

/** Units and calls in which all the words are, each a way to it. */
export function Found({ words, go }: { words: string; go: () => void }) {
    const found = useFind(words.trim());
    if (found.isError) {
        return <Problem error={found.error} retry={() => void found.refetch()} />;
    }
    const items = words.trim() === '' ? [] : (found.data?.items ?? []);
    return (
        <>
            <ul className="max-h-[50vh] overflow-y-auto">
                {items.map((item) => (
                    <li key={`${item.kind} ${item.id}`}>
                        <Link
                            to={`/${item.kind}s/${item.id}`}
                            className="grid min-h-[52px] content-center border-rule border-b py-1 leading-tight"
                            data-found={item.kind}
                            onClick={go}
                        >
                            <span className="font-bold">{item.label}</span>
                            <span className="text-quiet">{item.detail}</span>
                        </Link>
                    </li>
                ))}
            </ul>
            {found.data !== undefined && words.trim() !== '' && items.length === 0 && (
                <p className="py-3">Nothing has all these words. Take one away.</p>
            )}
            {found.data?.more === true && <p className="py-3 text-quiet">And more: another word finds it sooner.</p>}
        </>
    );
}
