import type { Trace } from '../../api/shapes';

/** What is left, as single faults; what no test in play can tell apart stands as one. */
export function Suspects({ trace }: { trace: Trace }) {
    const { groups, in_play, total, more, contradiction } = trace.suspects;
    return (
        <section aria-label="Suspects" className="px-5 pt-4 pb-3">
            <h2 className="heading">
                Suspects · {in_play} left of {total}
            </h2>
            {contradiction && (
                <p role="alert" className="mt-2 border-ink border-l-8 pl-3 font-bold">
                    No single fault explains all of this. Read the odd one again, or strike it out; there may be two faults.
                </p>
            )}
            <ol>
                {groups.map((g) => (
                    <li key={g.labels.join()} className="border-rule border-b py-2">
                        <div className="flex items-baseline justify-between gap-3">
                            <span className="font-bold leading-tight">
                                {g.labels.slice(0, 2).map((label, n) => (
                                    <span key={label} className="block">
                                        {n > 0 && <span className="font-normal text-quiet">or </span>}
                                        {label}
                                    </span>
                                ))}
                                {g.labels.length > 2 && (
                                    <span className="font-normal text-quiet">or {g.labels.length - 2} more alike</span>
                                )}
                            </span>
                            <span className="whitespace-nowrap font-bold font-mono tabular-nums">
                                {Math.round(g.probability * 100)} %
                            </span>
                        </div>
                        <div className="mt-1 h-2 bg-rule">
                            <div className="h-2 bg-ink" style={{ width: `${g.probability * 100}%` }} />
                        </div>
                    </li>
                ))}
            </ol>
            {more > 0 && <p className="pt-2 text-quiet">and {more} less likely</p>}
        </section>
    );
}
