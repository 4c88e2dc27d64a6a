import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type Known, useCircuits, useDrafts, useMaking, useTakeIn } from '../../api/circuits';
import type { CircuitCard, Feature } from '../../api/shapes';
import { Thumb } from '../../diagram/thumb';
import { Places } from '../../ui/places';
import { Problem } from '../../ui/problem';
import { useTitle } from '../../ui/use-title';

const NOTHING: Known = { search: '', family: '', supply: '', has: [], without: [] };

/** The library: a circuit that is close to the unit at hand, found by what is known of it. */
export function CircuitsScreen() {
    const [known, setKnown] = useState(NOTHING);
    const circuits = useCircuits(known);
    useTitle('Circuits');
    const set = (part: Partial<Known>) => setKnown({ ...known, ...part });
    return (
        <div className="mx-auto min-h-full max-w-[1280px]">
            <Places />
            <main className="pb-8">
                <div className="flex flex-wrap items-end justify-between gap-3 px-4 pt-5 pb-3">
                    <h1 className="font-bold text-3xl">Circuits · {circuits.data?.total ?? ''}</h1>
                    <div className="flex flex-wrap gap-2">
                        <Link className="key" data-strong="true" to="/quick">
                            Quick trace: one rung
                        </Link>
                        <TakeIn />
                    </div>
                </div>
                <div className="grid gap-3 px-4 pb-3 md:grid-cols-[1fr_14rem_14rem]">
                    <input
                        className="field"
                        type="search"
                        name="search"
                        aria-label="Words of a circuit"
                        placeholder="two stage 460 V lockout, or a maker's series…"
                        value={known.search}
                        onChange={(e) => set({ search: e.target.value })}
                    />
                    <Choice
                        label="Family"
                        all="every family"
                        values={circuits.data?.families ?? []}
                        value={known.family}
                        set={(family) => set({ family })}
                    />
                    <Choice
                        label="Supply"
                        all="every supply"
                        values={circuits.data?.supplies ?? []}
                        value={known.supply}
                        set={(supply) => set({ supply })}
                    />
                </div>
                {circuits.data != null && <Seen known={known} set={set} ask={circuits.data.ask ?? null} />}
                <Open />
                {circuits.isError && <Problem error={circuits.error} retry={() => void circuits.refetch()} />}
                <ul className="border-rule border-t">
                    {(circuits.data?.items ?? []).map((card) => (
                        <CardRow key={card.id} card={card} />
                    ))}
                </ul>
                {circuits.data != null && circuits.data.total > circuits.data.items.length && (
                    <p className="px-4 py-3 text-quiet">
                        And {circuits.data.total - circuits.data.items.length} more: another word finds it sooner.
                    </p>
                )}
                {circuits.data?.total === 0 && (
                    <p className="px-4 py-3">
                        No circuit is like that. Take something away,{' '}
                        <Link className="underline" to="/quick">
                            trace one rung
                        </Link>
                        , or begin from a family.
                    </p>
                )}
                <FromFamily />
            </main>
        </div>
    );
}

interface ChoiceProps {
    label: string;
    all: string;
    values: string[];
    value: string;
    set: (value: string) => void;
}

function Choice({ label, all, values, value, set }: ChoiceProps) {
    return (
        <select className="field" aria-label={label} value={value} onChange={(e) => set(e.target.value)}>
            <option value="">{all}</option>
            {values.map((v) => (
                <option key={v} value={v}>
                    {v.replaceAll('-', ' ')}
                </option>
            ))}
        </select>
    );
}

/** What one sees in the unit, one thing after the other: each answer leaves fewer circuits. */
function Seen({ known, set, ask }: { known: Known; set: (part: Partial<Known>) => void; ask: Feature | null }) {
    const making = useMaking();
    const name = (kind: string) => making.data?.kinds.find((k) => k.kind === kind)?.title ?? kind;
    const drop = (kind: string) =>
        set({ has: known.has.filter((k) => k !== kind), without: known.without.filter((k) => k !== kind) });
    const answered = [...known.has.map((k) => [k, true] as const), ...known.without.map((k) => [k, false] as const)];
    if (ask === null && answered.length === 0) {
        return null;
    }
    return (
        <section aria-label="What you see" className="flex flex-wrap items-center gap-2 px-4 pb-3">
            {answered.map(([kind, has]) => (
                <button key={kind} type="button" className="key" data-on={has} onClick={() => drop(kind)}>
                    {has ? '' : 'no '}
                    {name(kind)} ✕
                </button>
            ))}
            {ask !== null && (
                <fieldset className="flex flex-wrap items-center gap-2" aria-label="Do you see it">
                    <span className="px-1">
                        Do you see one: <strong data-ask={ask.kind}>{ask.words}</strong>?
                    </span>
                    <button type="button" className="key" onClick={() => set({ has: [...known.has, ask.kind] })}>
                        Yes
                    </button>
                    <button type="button" className="key" onClick={() => set({ without: [...known.without, ask.kind] })}>
                        No
                    </button>
                </fieldset>
            )}
        </section>
    );
}

function CardRow({ card }: { card: CircuitCard }) {
    return (
        <li className="border-rule border-b">
            <Link
                to={`/circuits/${card.id}`}
                className="grid gap-x-4 gap-y-1 px-4 py-3 hover:bg-margin sm:grid-cols-[11rem_1fr]"
                data-circuit={card.id}
            >
                <span className="h-[110px] overflow-hidden border border-rule bg-paper p-1 max-sm:hidden">
                    <Thumb drawing={card.drawing} label={`Drawing of ${card.title}`} />
                </span>
                <span className="min-w-0">
                    <span className="block font-bold text-lg leading-tight">
                        {card.title}
                        {card.is_shops && <span className="ml-2 bg-live px-2 text-base text-live-ink">the shop's</span>}
                    </span>
                    <span className="block">
                        {card.supply} · {card.parts} parts, {card.wires} wires · revision {card.number}
                        {card.source === 'shop' && ', made here'}
                    </span>
                    {card.units.length > 0 && <span className="block">On: {card.units.join(', ')}</span>}
                    {card.apart.length > 0 && (
                        <span className="block text-quiet">Apart from the others: {card.apart.slice(0, 5).join('; ')}</span>
                    )}
                </span>
            </Link>
        </li>
    );
}

/** What is being made and was not saved. */
function Open() {
    const drafts = useDrafts();
    const items = drafts.data?.items ?? [];
    return items.length === 0 ? null : (
        <section aria-label="Not saved yet" className="border-ink border-l-8 bg-margin px-4 py-2">
            <h2 className="heading">Not saved yet</h2>
            <ul>
                {items.map((draft) => (
                    <li key={draft.id}>
                        <Link className="flex min-h-[44px] items-center gap-3 underline" to={`/drafts/${draft.id}`}>
                            {draft.circuit}
                            <span className="text-quiet no-underline">
                                {draft.last === '' ? `like ${draft.begun}` : draft.last}
                            </span>
                        </Link>
                    </li>
                ))}
            </ul>
        </section>
    );
}

function FromFamily() {
    const making = useMaking();
    const families = making.data?.families ?? [];
    return families.length === 0 ? null : (
        <section className="px-4 pt-6">
            <h2 className="heading pb-2">None is quite like it: answer questions about the unit</h2>
            <div className="flex flex-wrap gap-2">
                {families.map((family) => (
                    <Link key={family.id} className="key" to={`/circuits/family/${family.id}`} data-family={family.id}>
                        {family.title}
                    </Link>
                ))}
            </div>
        </section>
    );
}

/** A circuit file from elsewhere; of one that cannot be used, what is wrong with it, and where. */
function TakeIn() {
    const take = useTakeIn();
    const navigate = useNavigate();
    return (
        <>
            <label className="key relative cursor-pointer focus-within:outline-3 focus-within:outline-ink">
                Take in a file
                <input
                    type="file"
                    name="circuit-file"
                    accept=".yaml,.yml"
                    className="absolute -inset-[2px] cursor-pointer opacity-0"
                    onChange={(e) => {
                        const file = e.target.files?.[0];
                        if (file !== undefined) {
                            take.mutate(file, { onSuccess: (revision) => void navigate(`/circuits/${revision.circuit}`) });
                        }
                        e.target.value = '';
                    }}
                />
            </label>
            {take.error !== null && (
                <div role="alert" className="basis-full border-ink border-l-8 pl-3">
                    <p className="font-bold">This file was not taken in, and nothing has changed.</p>
                    <ul>
                        {take.error.message.split('\n').map((line) => (
                            <li key={line}>{line}</li>
                        ))}
                    </ul>
                </div>
            )}
        </>
    );
}
