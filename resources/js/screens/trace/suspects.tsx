import type { Trace } from '../../api/shapes';

/** What is left, as single faults; what no test in play can tell apart stands as one. */
export function Suspects({ trace }: { trace: Trace }) {
    const { groups, in_play, total, more, unexplained, doubted, alone, parts, nothing_wrong } = trace.suspects;
    return (
        <section aria-label="Suspects" className="px-5 pt-4 pb-3">
            <h2 className="heading">
                Suspects · {in_play} left of {total}
            </h2>
            {(unexplained.length > 0 || doubted !== null) && (
                <div role="alert" className="mt-2 grid gap-1 border-ink border-l-8 pl-3">
                    {unexplained.length > 0 && <p className="font-bold">Not explained: {unexplained.join('; ')}.</p>}
                    <p>
                        Take {doubted === null ? 'it' : <strong>{doubted}</strong>} again: another point, the range, a lead that
                        does not touch. If it stands, there may be two faults, or the unit is not wired as drawn.
                    </p>
                </div>
            )}
            {alone !== null && (
                <p className="mt-2 border-rule border-l-8 pl-3">
                    All of this rests on <strong>{alone}</strong>. Once more, or by another way, before you call it found.
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
                            <span className="whitespace-nowrap font-bold font-mono tabular-nums">{percent(g.probability)}</span>
                        </div>
                        <div className="mt-1 h-2 bg-rule">
                            <div className="h-2 bg-ink" style={{ width: `${g.probability * 100}%` }} />
                        </div>
                    </li>
                ))}
            </ol>
            {more > 0 && <p className="pt-2 text-quiet">and {more} less likely</p>}
            <h2 className="heading mt-4">By part</h2>
            <table className="w-full" aria-label="By part">
                <tbody>
                    {parts.map((p) => (
                        <tr key={p.target} className="border-rule border-b">
                            <th scope="row" className="py-1 text-left font-normal">
                                {p.label}
                            </th>
                            <td className="whitespace-nowrap text-right font-mono tabular-nums">{percent(p.probability)}</td>
                        </tr>
                    ))}
                    <tr className="border-ink border-t-2">
                        <th scope="row" className="py-1 text-left font-bold">
                            Nothing wrong in this circuit
                        </th>
                        <td className="whitespace-nowrap text-right font-bold font-mono tabular-nums">
                            {percent(nothing_wrong)}
                        </td>
                    </tr>
                </tbody>
            </table>
        </section>
    );
}

const percent = (share: number) => `${Math.round(share * 100)} %`;
