import { useEffect, useRef, useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { useBench } from '../../api/queries';
import type { BenchCheck, User } from '../../api/shapes';
import { Places } from '../../ui/places';
import { Problem } from '../../ui/problem';
import { useTitle } from '../../ui/use-title';
import { CheckView } from './check-view';

/**
 * Every word of what is in the hand is in the title of a check, or among what it is found by. First those that have it in their
 * title, then those that have it as it was typed.
 */
function found(checks: BenchCheck[], text: string): BenchCheck[] {
    const typed = text.trim().toLowerCase();
    const words = typed.split(/\s+/);
    const rank = (c: BenchCheck) => {
        const title = c.title.toLowerCase();
        return words.every((w) => title.includes(w)) ? 0 : c.words.some((w) => w.includes(typed)) ? 1 : 2;
    };
    return checks
        .filter((c) => {
            const all = [c.title.toLowerCase(), ...c.words].join(' ');
            return words.every((w) => all.includes(w));
        })
        .sort((a, b) => rank(a) - rank(b));
}

/** One part in the hand and a meter. */
export function BenchScreen({ user }: { user: User }) {
    const { check: name } = useParams();
    useTitle(name === undefined ? 'Bench' : `Bench, ${name}`);
    const bench = useBench();
    const [text, setText] = useState('');
    const navigate = useNavigate();
    const field = useRef<HTMLInputElement>(null);
    const list = useRef<HTMLElement>(null);
    useEffect(() => {
        const find = (e: KeyboardEvent) => {
            if (e.key === '/' && !(e.target instanceof HTMLInputElement)) {
                e.preventDefault();
                field.current?.focus();
            }
        };
        document.addEventListener('keydown', find);
        return () => document.removeEventListener('keydown', find);
    }, []);
    // the one that is open stands in sight among the others
    useEffect(() => {
        const current = bench.isSuccess ? list.current?.querySelector<HTMLElement>(`a[href="/bench/${name}"]`) : null;
        if (list.current !== null && current != null) {
            list.current.scrollTop = current.offsetTop - list.current.clientHeight / 2;
        }
    }, [name, bench.isSuccess]);
    if (bench.isPending) {
        return <p className="p-6">One moment.</p>;
    }
    if (bench.isError) {
        return <Problem error={bench.error} retry={() => void bench.refetch()} />;
    }
    const checks = bench.data.checks;
    const check = checks.find((c) => c.name === name);
    if (name !== undefined && check === undefined) {
        return <Navigate to="/bench" replace />;
    }
    const fit = found(checks, text);
    return (
        <div className="mx-auto min-h-full max-w-[1440px]">
            <Places slash={false} />
            <main className="print:block lg:grid lg:grid-cols-[17rem_minmax(0,1fr)_24rem]">
                {check === undefined && <h1 className="sr-only">Bench</h1>}
                <nav
                    ref={list}
                    aria-label="Checks"
                    className={`border-ink print:hidden lg:sticky lg:top-0 lg:max-h-screen lg:overflow-y-auto lg:border-r-2 ${
                        check === undefined ? '' : 'max-lg:hidden'
                    }`}
                >
                    <form
                        className="sticky top-0 bg-paper p-4"
                        onSubmit={(e) => {
                            e.preventDefault();
                            if (fit[0] !== undefined) {
                                navigate(`/bench/${fit[0].name}`);
                            }
                        }}
                    >
                        <label>
                            <span className="sr-only">What is in your hand?</span>
                            <input
                                ref={field}
                                className="field"
                                type="search"
                                placeholder="what is in your hand?"
                                value={text}
                                onChange={(e) => setText(e.target.value)}
                            />
                        </label>
                    </form>
                    <ul className="border-rule border-t">
                        {fit.map((c) => (
                            <li key={c.name} className="border-rule border-b">
                                <Link
                                    to={`/bench/${c.name}`}
                                    className="check-link flex min-h-[48px] items-center px-4 hover:bg-margin"
                                    aria-current={c.name === name ? 'page' : undefined}
                                >
                                    {c.title}
                                </Link>
                            </li>
                        ))}
                    </ul>
                    {fit.length === 0 && (
                        <p className="px-4 py-3">Nothing of that name. Try the part, what it does wrong, or a number on it.</p>
                    )}
                </nav>
                {check === undefined ? (
                    <p className="p-6 text-lg max-lg:hidden">Type what is in your hand, or choose it on the left.</p>
                ) : (
                    <>
                        <Link to="/bench" className="key m-4 mb-0 print:hidden lg:hidden">
                            ← All checks
                        </Link>
                        <CheckView key={check.name} check={check} user={user} />
                    </>
                )}
            </main>
        </div>
    );
}
