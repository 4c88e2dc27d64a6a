import { useState } from 'react';
import { Link } from 'react-router';
import { useCalls, useCircuitSheet, useNoteOfUnit, useUnit, useUnits } from '../../api/queries';
import type { Call } from '../../api/shapes';
import { useOutbox } from '../../api/use-outbox';
import { uuid } from '../../api/uuid';
import { type KeepFor, keepFor, keptFor } from '../../ui/keep-for';
import { Problem } from '../../ui/problem';
import { Sheet } from '../../ui/sheet';

/** What is kept: a check, what was typed for it, and in which units. */
export interface Judging {
    data: { check: string; given: Record<string, string>; units: Record<string, string> };
    /** by which its part may be found among those of a unit */
    words: string[];
}

/** The key, where the verdict is. */
export function KeepKey({ ready, keep }: { ready: boolean; keep: () => void }) {
    return (
        <button type="button" className="key print:hidden" data-strong="true" disabled={!ready} onClick={keep}>
            Keep
        </button>
    );
}

/** What was kept last, and where to read it. */
export function Kept({ kept }: { kept: KeptWith | null }) {
    return (
        <p role="status" className="print:hidden">
            {kept !== null && (
                <>
                    Kept with {kept.part}.{' '}
                    <Link
                        className="inline-flex min-h-[44px] items-center underline underline-offset-4"
                        to={`/units/${kept.unit}#checks`}
                    >
                        What became of it
                    </Link>
                </>
            )}
        </p>
    );
}

export interface KeptWith {
    unit: number;
    part: string;
}

interface Props {
    judging: Judging;
    user: number;
    open: boolean;
    setOpen: (open: boolean) => void;
    kept: (kept: KeptWith) => void;
}

/** Keeps a judgement with a call, or with a unit. */
export function KeepSheet({ judging, user, open, setOpen, kept }: Props) {
    const [target, setTarget] = useState(keptFor);
    const choose = (next: KeepFor | null) => {
        keepFor(next);
        setTarget(next);
    };
    return (
        <Sheet open={open} onOpenChange={setOpen} title="Keep it with">
            {target === null ? (
                <Choose user={user} choose={choose} />
            ) : (
                <Target
                    target={target}
                    judging={judging}
                    another={() => choose(null)}
                    done={(part) => {
                        kept({ unit: target.unit, part });
                        setOpen(false);
                    }}
                />
            )}
        </Sheet>
    );
}

function Target({ another, ...props }: WithProps & { another: () => void }) {
    const { name, call } = props.target;
    return (
        <>
            <p className="mb-3 flex flex-wrap items-center justify-between gap-3">
                <span>
                    <span className="font-bold">{name}</span>
                    {call !== null && `, call ${call.number}`}
                </span>
                <button type="button" className="key" onClick={another}>
                    Another
                </button>
            </p>
            {call === null ? <WithUnit {...props} /> : <WithCall {...props} call={call.id} />}
        </>
    );
}

/** Parts that are offered as keys. */
const MOST_LIKELY = 6;

const isOpen = (call: Call) => call.stage === 'open' || call.stage === 'found' || call.stage === 'scheduled';

/** One's own calls that are not closed, and any unit. */
function Choose({ user, choose }: { user: number; choose: (target: KeepFor) => void }) {
    const [search, setSearch] = useState('');
    const calls = useCalls({ per_page: '100' });
    const units = useUnits({ search });
    const mine = calls.items.filter((c) => c.technician.id === user && isOpen(c));
    const row = 'flex min-h-[48px] w-full flex-wrap items-center gap-x-3 border-rule border-b py-1 text-left hover:bg-margin';
    return (
        <>
            {mine.length > 0 && <h3 className="heading">A call of yours</h3>}
            <ul>
                {mine.map((c) => (
                    <li key={c.id}>
                        <button
                            type="button"
                            className={row}
                            onClick={() => choose({ unit: c.unit.id, name: c.unit.name, call: { id: c.id, number: c.number } })}
                        >
                            <span className="font-mono tabular-nums">{c.number}</span>
                            <span className="font-bold">{c.unit.name}</span>
                            <span className="text-quiet">{c.unit.site}</span>
                        </button>
                    </li>
                ))}
            </ul>
            <h3 className="heading pt-4">A unit, without a call</h3>
            <label>
                <span className="sr-only">Find a unit</span>
                <input
                    className="field"
                    type="search"
                    placeholder="name, site, model or serial"
                    value={search}
                    onChange={(e) => setSearch(e.target.value)}
                />
            </label>
            {units.isError && <Problem error={units.error} retry={() => void units.refetch()} />}
            <ul className="max-h-64 overflow-y-auto">
                {units.items.map((u) => (
                    <li key={u.id}>
                        <button type="button" className={row} onClick={() => choose({ unit: u.id, name: u.name, call: null })}>
                            <span className="font-bold">{u.name}</span>
                            <span className="text-quiet">
                                {u.site.name}, {u.place}
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
            {units.isSuccess && units.total === 0 && (
                <p className="py-2">No unit like that. Try a word of its name, site or plate.</p>
            )}
        </>
    );
}

interface WithProps {
    target: KeepFor;
    judging: Judging;
    done: (part: string) => void;
}

function WithCall({ target, call, judging, done }: WithProps & { call: number }) {
    const box = useOutbox(String(call));
    return (
        <PartForm
            unit={target.unit}
            words={judging.words}
            problem={box.refusal}
            busy={box.busy}
            keep={async (part, label) => {
                if (await box.send('judged', { part, ...judging.data })) {
                    done(label);
                }
            }}
        />
    );
}

function WithUnit({ target, judging, done }: WithProps) {
    const note = useNoteOfUnit(target.unit);
    const [id] = useState(uuid);
    return (
        <PartForm
            unit={target.unit}
            words={judging.words}
            problem={note.error?.message ?? null}
            busy={note.isPending}
            keep={(part, label) =>
                note.mutate(
                    { id, type: 'judged', noted_at: new Date().toISOString(), data: { part, ...judging.data } },
                    { onSuccess: () => done(label) },
                )
            }
        />
    );
}

interface PartFormProps {
    unit: number;
    words: string[];
    problem: string | null;
    busy: boolean;
    keep: (part: string, label: string) => void;
}

/** Which part it was: one of the unit's drawing, or in words. */
function PartForm({ unit, words, problem, busy, keep }: PartFormProps) {
    const [name, setName] = useState('');
    const sheet = useCircuitSheet(useUnit(String(unit)).data?.circuit.revision);
    const parts = sheet.data?.parts ?? [];
    const likely = parts.filter((p) => words.some((w) => p.label.toLowerCase().includes(w))).slice(0, MOST_LIKELY);
    return (
        <form
            className="grid gap-3"
            onSubmit={(e) => {
                e.preventDefault();
                const label = name.trim();
                keep(parts.find((p) => p.label.toLowerCase() === label.toLowerCase())?.id ?? label, label);
            }}
        >
            <label className="grid gap-1">
                Which part
                <input
                    className="field"
                    name="part"
                    list="parts-of-unit"
                    required
                    maxLength={80}
                    autoComplete="off"
                    value={name}
                    onChange={(e) => setName(e.target.value)}
                />
            </label>
            {likely.length > 0 && (
                <div className="flex flex-wrap gap-2">
                    {likely.map((p) => (
                        <button
                            key={p.id}
                            type="button"
                            className="key"
                            data-on={p.label === name}
                            onClick={() => setName(p.label)}
                        >
                            {p.label}
                        </button>
                    ))}
                </div>
            )}
            <datalist id="parts-of-unit">
                {parts.map((p) => (
                    <option key={p.id} value={p.label} />
                ))}
            </datalist>
            {problem !== null && (
                <p role="alert" className="border-odd border-l-8 pl-3 font-bold">
                    {problem}
                </p>
            )}
            <button type="submit" className="key" data-strong="true" disabled={busy}>
                Keep it
            </button>
        </form>
    );
}
