import { type ReactNode, useState } from 'react';
import type { CircuitSheet, Trace } from '../../api/shapes';
import { DossierView } from './dossier-view';
import { some } from './some';

/** What is left, by part: what may be wrong with each, how likely in a word, the number for who wants it. */
interface Props {
    trace: Trace;
    sheet: CircuitSheet;
    /** a part or a wire is to be looked at */
    look: (target: string) => void;
}

export function Suspects({ trace, sheet, look }: Props) {
    const [numbers, setNumbers] = useState(false);
    const [opened, setOpened] = useState<string | null>(null);
    const { in_play, total, unexplained, doubted, alone, parts, together, in_doubt, nothing_wrong, nothing_likely } =
        trace.suspects;
    const letters = (target: string) => (sheet.parts.some((p) => p.id === target) ? target : '');
    return (
        <section aria-label="Suspects" className="px-5 pt-3 pb-3">
            <h2 className="heading flex items-center justify-between">
                Suspects · {in_play} left of {total}
                <button
                    type="button"
                    className="min-h-[44px] px-2 normal-case underline underline-offset-4"
                    aria-pressed={numbers}
                    onClick={() => setNumbers(!numbers)}
                >
                    in numbers
                </button>
            </h2>
            {(unexplained.length > 0 || doubted !== null) && (
                <div role="alert" className="mt-1 grid gap-1 border-ink border-l-8 pl-3">
                    {unexplained.length > 0 && <p className="font-bold">Not explained: {unexplained.join('; ')}.</p>}
                    <p>
                        Take {doubted === null ? 'it' : <strong>{doubted}</strong>} again: another point, the range, a lead that
                        does not touch. If it stands, there may be two faults, or the unit is not wired as drawn.
                    </p>
                </div>
            )}
            {alone !== null && (
                <p className="mt-1 border-rule border-l-8 pl-3">
                    All of this rests on <strong>{alone}</strong>. Once more, or by another way, before you call it found.
                </p>
            )}
            <ol aria-label="By part">
                {together.map((t) => (
                    <Row
                        key={t.label}
                        target="together"
                        label={t.label}
                        letters=""
                        share={t.probability}
                        likely={t.likely}
                        numbers={numbers}
                    >
                        both at once
                    </Row>
                ))}
                {parts.map((p) => (
                    <Row
                        key={p.target}
                        target={p.target}
                        label={p.label}
                        letters={letters(p.target)}
                        share={p.probability}
                        likely={p.likely}
                        numbers={numbers}
                        opened={opened === p.target}
                        open={() => setOpened(opened === p.target ? null : p.target)}
                        dossier={
                            opened === p.target && (
                                <DossierView
                                    call={trace.call.id}
                                    stamp={trace.events.length}
                                    target={p.target}
                                    look={() => look(p.target)}
                                />
                            )
                        }
                    >
                        {some(p.faults)}
                    </Row>
                ))}
                {in_doubt.length > parts.length && (
                    <li className="border-ink border-b-2 py-2 text-quiet">and {in_doubt.length - parts.length} less likely</li>
                )}
                <Row
                    target="nothing"
                    label="Nothing wrong in this circuit"
                    letters=""
                    share={nothing_wrong}
                    likely={nothing_likely}
                    numbers={numbers}
                />
            </ol>
        </section>
    );
}

interface RowProps {
    target: string;
    label: string;
    /** as on the drawing; a wire is told by its ends */
    letters: string;
    share: number;
    likely: string;
    numbers: boolean;
    children?: ReactNode;
    /** of what can be opened */
    opened?: boolean;
    open?: () => void;
    dossier?: ReactNode;
}

function Row({ target, label, letters, share, likely, numbers, children, opened, open, dossier }: RowProps) {
    const head = (
        <>
            <span className="font-bold leading-tight">
                {label} <span className="font-mono font-normal text-quiet">{letters}</span>
            </span>
            <span className="whitespace-nowrap">{numbers ? `${Math.round(share * 100)} %` : likely}</span>
        </>
    );
    const line = 'flex w-full items-center justify-between gap-3 text-left';
    return (
        <li className="border-rule border-b py-1" data-suspect={target}>
            {open === undefined ? (
                <div className={`${line} py-2`}>{head}</div>
            ) : (
                <button type="button" className={`${line} min-h-[44px]`} aria-expanded={opened} onClick={open}>
                    {head}
                </button>
            )}
            {children !== undefined && <p className="text-quiet leading-snug">{children}</p>}
            <div className="mt-1 h-2 bg-rule">
                <div className="h-2 bg-ink" style={{ width: `${share * 100}%` }} />
            </div>
            {dossier}
        </li>
    );
}
