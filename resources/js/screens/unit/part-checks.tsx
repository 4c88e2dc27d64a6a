import { useState } from 'react';
import { Link } from 'react-router';
import { useNoteOfUnit, useUnitChecks } from '../../api/queries';
import type { Judged, PartHistory } from '../../api/shapes';
import { uuid } from '../../api/uuid';
import { keepFor } from '../../ui/keep-for';
import { Plot } from '../../ui/plot';
import { Problem } from '../../ui/problem';
import { StrikeSheet } from '../../ui/strike-sheet';
import { useShopTime } from '../../ui/use-shop-time';
import { VerdictMark } from '../../ui/verdict-mark';

/** What was judged of each part, and what has become of it. */
export function PartChecks({ unit, name }: { unit: number; name: string }) {
    const checks = useUnitChecks(String(unit));
    const note = useNoteOfUnit(unit);
    const [striking, setStriking] = useState<Judged | null>(null);
    return (
        <section id="checks" aria-label="Parts judged">
            <div className="flex items-center justify-between gap-3 px-4 pt-5 pb-1">
                <h2 className="heading">Parts judged</h2>
                <Link className="key" to="/bench" onClick={() => keepFor({ unit, name, call: null })}>
                    Judge a part
                </Link>
            </div>
            {checks.isError && <Problem error={checks.error} retry={() => void checks.refetch()} />}
            <ul className="border-rule border-t">
                {(checks.data?.parts ?? []).map((part) => (
                    <History key={`${part.part} ${part.check}`} history={part} strike={setStriking} />
                ))}
            </ul>
            {checks.isSuccess && checks.data.parts.length === 0 && (
                <p className="px-4 py-3">
                    Nothing yet. What the bench says of a part can be kept here, and read again next year.
                </p>
            )}
            <StrikeSheet
                open={striking !== null}
                close={() => setStriking(null)}
                error={note.error}
                strike={(reason) =>
                    note
                        .mutateAsync({
                            id: uuid(),
                            type: 'strike',
                            noted_at: new Date().toISOString(),
                            data: { event: striking?.id, reason },
                        })
                        .then(
                            () => true,
                            () => false,
                        )
                }
            />
        </section>
    );
}

function History({ history, strike }: { history: PartHistory; strike: (judged: Judged) => void }) {
    const { date } = useShopTime();
    const points = history.judged.flatMap((j) =>
        j.value === null || j.struck !== null ? [] : [{ at: j.noted_at, value: j.value }],
    );
    return (
        <li className="border-rule border-b px-4 py-3" data-part={history.part}>
            <h3 className="font-bold text-lg">
                {history.label} <span className="font-normal text-quiet">{history.title}</span>
            </h3>
            {history.trend !== null && (
                <p className={history.trend.verdict === 'good' ? '' : 'font-bold text-odd'}>
                    {history.trend.words} <span className="font-normal text-quiet text-sm">{history.trend.limit.says}</span>
                </p>
            )}
            {points.length > 1 && <Plot points={points} label={history.watched} unit={history.unit} />}
            <ol className="grid gap-1 pt-1">
                {[...history.judged].reverse().map((j) => (
                    <li key={j.id} className="grid grid-cols-[1fr_auto] items-center gap-x-3">
                        <span className={`min-w-0 ${j.struck === null ? '' : 'line-through'}`}>
                            <span className="font-mono tabular-nums">{date(j.noted_at)}</span>{' '}
                            <VerdictMark verdict={j.verdict}>{j.headline}</VerdictMark>{' '}
                            <span className="text-sm">{j.figures.map((f) => `${f.label} ${f.says}`).join(' · ')}</span>{' '}
                            <span className="text-quiet text-sm">{j.by}</span>
                        </span>
                        {j.call !== null ? (
                            <Link
                                className="inline-flex min-h-[44px] items-center text-sm underline underline-offset-4"
                                to={`/calls/${j.call}`}
                            >
                                Its call
                            </Link>
                        ) : (
                            j.struck === null && (
                                <button
                                    type="button"
                                    className="min-h-[44px] text-sm underline underline-offset-4"
                                    aria-label={`Strike out ${history.label}, ${date(j.noted_at)}`}
                                    onClick={() => strike(j)}
                                >
                                    Strike
                                </button>
                            )
                        )}
                        {j.struck !== null && <span className="text-quiet text-sm">struck out: {j.struck}</span>}
                    </li>
                ))}
            </ol>
        </li>
    );
}
