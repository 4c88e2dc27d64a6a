import { type ReactNode, useState } from 'react';
import type { CircuitSheet, PartShare, Trace } from '../../api/shapes';
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
    const { in_play, total, unexplained, doubted, alone, parts, alike, less, together, nothing_wrong, nothing_likely } =
        trace.suspects;
    const toggle = (what: string) => setOpened(opened === what ? null : what);
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
                {byProbability([...parts, ...alike]).map((one) =>
                    'wires' in one ? (
                        <Row
                            key={one.label}
                            target={one.label}
                            label={one.label}
                            letters=""
                            share={one.probability}
                            likely={one.likely}
                            numbers={numbers}
                            opened={opened === one.label}
                            open={() => toggle(one.label)}
                            dossier={opened === one.label && <Wires wires={one.wires} look={look} />}
                        >
                            {some(one.faults)}
                        </Row>
                    ) : (
                        <Row
                            key={one.target}
                            target={one.target}
                            label={one.label}
                            letters={letters(one.target)}
                            share={one.probability}
                            likely={one.likely}
                            numbers={numbers}
                            opened={opened === one.target}
                            open={() => toggle(one.target)}
                            dossier={
                                opened === one.target && (
                                    <DossierView
                                        call={trace.call.id}
                                        stamp={trace.events.length}
                                        target={one.target}
                                        look={() => look(one.target)}
                                    />
                                )
                            }
                        >
                            {some(one.faults)}
                        </Row>
                    ),
                )}
                {less > 0 && <li className="border-ink border-b-2 py-2 text-quiet">and {less} less likely</li>}
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

function byProbability<T extends { probability: number }>(all: T[]): T[] {
    return all.toSorted((a, b) => b.probability - a.probability);
}

/** Each of the wires that are told together: to be looked at. */
function Wires({ wires, look }: { wires: PartShare[]; look: (wire: string) => void }) {
    return (
        <ul className="mt-2 grid gap-1">
            {wires.map((w) => (
                <li key={w.target}>
                    <button type="button" className="key min-h-[44px] w-full px-3 text-left" onClick={() => look(w.target)}>
                        {w.label}
                    </button>
                </li>
            ))}
        </ul>
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
