import type { ReactNode } from 'react';
import type { BenchAnswer, BenchCheck } from '../../api/shapes';
import { VerdictMark } from '../../ui/verdict-mark';

/** The verdict in a line, for the foot of a phone. */
export function VerdictLine({ answer }: { answer: BenchAnswer | undefined }) {
    const judgement = answer?.judgement ?? null;
    return judgement === null ? (
        <p className="text-quiet">{answer === undefined || answer.is_wrong ? '…' : answer.waits}</p>
    ) : (
        <p className="text-xl">
            <VerdictMark verdict={judgement.verdict}>{judgement.headline}</VerdictMark>
        </p>
    );
}

/** What a check comes to, with all that stands behind it. */
export function Verdict({
    check,
    answer,
    children,
}: {
    check: BenchCheck;
    answer: BenchAnswer | undefined;
    children: ReactNode;
}) {
    const judgement = answer?.judgement ?? null;
    return (
        <>
            <div aria-live="polite" data-verdict={judgement?.verdict ?? ''}>
                <h2 className="heading">Verdict{judgement !== null && ` · ${judgement.verdict}`}</h2>
                {judgement === null ? (
                    <p className="py-2 text-lg">
                        {answer === undefined
                            ? 'One moment.'
                            : answer.is_wrong
                              ? 'Something is not right yet: see beside it.'
                              : answer.waits}
                    </p>
                ) : (
                    <>
                        <p className="pt-1 pb-2 text-3xl leading-tight">
                            <VerdictMark verdict={judgement.verdict}>{judgement.headline}</VerdictMark>
                        </p>
                        {judgement.findings
                            .filter((finding) => finding !== `${judgement.headline}.`)
                            .map((finding) => (
                                <p key={finding} className="pb-1">
                                    {finding}
                                </p>
                            ))}
                    </>
                )}
            </div>
            {children}
            {judgement !== null && judgement.figures.length > 0 && (
                <dl className="my-3 grid grid-cols-[1fr_auto] gap-x-4 border-rule border-y py-2">
                    {judgement.figures.map((figure) => (
                        <div key={figure.label} className="contents">
                            <dt>{figure.label}</dt>
                            <dd className="text-right font-mono tabular-nums">{figure.says}</dd>
                        </div>
                    ))}
                </dl>
            )}
            {judgement !== null && <Part title="Next">{judgement.next}</Part>}
            <Part title="Easily mistaken">{check.mistake}</Part>
            {judgement !== null && judgement.limits.length > 0 && (
                <section className="pt-3">
                    <h3 className="heading">Where it comes from</h3>
                    <ul className="grid gap-1">
                        {judgement.limits.map((limit) => (
                            <li key={limit.label}>
                                {limit.label} <span className="text-quiet">{limit.says}</span>
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            <Part title="Not covered">{check.leaves_out}</Part>
        </>
    );
}

function Part({ title, children }: { title: string; children: string }) {
    return (
        <section className="pt-3">
            <h3 className="heading">{title}</h3>
            <p>{children}</p>
        </section>
    );
}
