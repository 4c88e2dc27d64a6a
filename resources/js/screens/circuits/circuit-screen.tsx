import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useBegin, useBringBack, useCircuit, useDifference, useMarkShops } from '../../api/circuits';
import { useCircuitSheet, useSession } from '../../api/queries';
import type { CircuitCard, CircuitSheet, Revision } from '../../api/shapes';
import { AT_REST } from '../../diagram/at-rest';
import { SheetView } from '../../diagram/sheet-view';
import { Places } from '../../ui/places';
import { Problem } from '../../ui/problem';
import { Sheet } from '../../ui/sheet';
import { useTitle } from '../../ui/use-title';
import { SequenceList } from '../draft/sequence-list';

const NO_PROBES = { red: null, black: null };

/** One circuit: its drawing, what it does, its past, and the ways to change it. */
export function CircuitScreen() {
    const { id = '' } = useParams();
    const circuit = useCircuit(id);
    const [revision, setRevision] = useState<number | null>(null);
    const shown = revision ?? circuit.data?.card.revision;
    const sheet = useCircuitSheet(shown);
    useTitle(circuit.data?.card.title ?? 'Circuit');
    if (circuit.isError) {
        return <Problem error={circuit.error} retry={() => void circuit.refetch()} />;
    }
    return (
        <div className="mx-auto flex min-h-full max-w-[1280px] flex-col lg:h-full">
            <Places />
            {circuit.data !== undefined && (
                <main className="flex min-h-0 flex-1 flex-col lg:flex-row">
                    <section
                        className="flex h-[60vh] min-h-0 min-w-0 flex-none flex-col lg:h-auto lg:flex-1"
                        aria-label="Drawing"
                    >
                        {sheet.data !== undefined && <Look sheet={sheet.data} revision={shown ?? 0} />}
                        {sheet.isError && <Problem error={sheet.error} retry={() => void sheet.refetch()} />}
                    </section>
                    <aside className="border-ink lg:w-[26rem] lg:overflow-y-auto lg:border-l-2">
                        <Head card={circuit.data.card} sheet={sheet.data} shown={shown ?? 0} />
                        <Past revisions={circuit.data.revisions} shown={shown ?? 0} show={setRevision} />
                        {sheet.data !== undefined && <SequenceList steps={sheet.data.sequence} />}
                    </aside>
                </main>
            )}
        </div>
    );
}

/** The drawing, with what is otherwise than in the revision before; a part or wire that is tapped says what it is. */
function Look({ sheet, revision }: { sheet: CircuitSheet; revision: number }) {
    const [chosen, setChosen] = useState<string | null>(null);
    const difference = useDifference(revision);
    const known = useMemo(
        () => ({
            proved: [],
            inDoubt: [],
            fresh: (difference.data?.changes ?? []).filter((c) => c.sort !== 'gone').map((c) => c.on),
        }),
        [difference.data],
    );
    const part = sheet.parts.find((p) => p.id === chosen);
    const wire = sheet.wires.find((w) => w.id === chosen);
    return (
        <>
            <SheetView
                sheet={sheet}
                is={AT_REST}
                known={known}
                probes={NO_PROBES}
                chosen={chosen}
                onPoint={(point) => setChosen(point.slice(0, point.lastIndexOf('.')))}
                onPart={setChosen}
                onWire={setChosen}
            />
            <p className="min-h-[2.6rem] border-rule border-t px-4 py-2" aria-live="polite">
                {part !== undefined && `${part.label} ${part.id}, ${part.kind.replaceAll('-', ' ')}, ${part.place}`}
                {wire !== undefined && `${wire.colour} wire ${wire.from} – ${wire.to}, ${wire.gauge} AWG`}
            </p>
        </>
    );
}

function Head({ card, sheet, shown }: { card: CircuitCard; sheet: CircuitSheet | undefined; shown: number }) {
    const [like, setLike] = useState(false);
    const begin = useBegin();
    const navigate = useNavigate();
    return (
        <div className="grid gap-3 p-4">
            <div>
                <h1 className="font-bold text-2xl leading-tight">{card.title}</h1>
                <p className="text-quiet">
                    {card.supply} · {card.parts} parts, {card.wires} wires
                </p>
                {card.units.length > 0 && <p>On: {card.units.join(', ')}</p>}
            </div>
            <div className="flex flex-wrap gap-2">
                <button type="button" className="key" data-strong="true" onClick={() => setLike(true)}>
                    Like this, but …
                </button>
                <button
                    type="button"
                    className="key"
                    disabled={begin.isPending}
                    onClick={() =>
                        begin.mutate({ revision: shown }, { onSuccess: (draft) => void navigate(`/drafts/${draft.id}`) })
                    }
                >
                    Change this one
                </button>
            </div>
            {begin.error !== null && <Problem error={begin.error} />}
            <p className="flex flex-wrap gap-x-4">
                <FileLink to={`/api/revisions/${shown}/circuit.yaml`}>Circuit file</FileLink>
                <FileLink to={`/api/revisions/${shown}/circuit.cir`}>SPICE</FileLink>
                <FileLink to={`/api/revisions/${shown}/diagram.svg`}>SVG</FileLink>
                <FileLink to={`/api/revisions/${shown}/diagram.pdf`}>PDF</FileLink>
            </p>
            {sheet !== undefined && <LikeThis open={like} onOpenChange={setLike} revision={shown} title={card.title} />}
        </div>
    );
}

function FileLink({ to, children }: { to: string; children: string }) {
    return (
        <a className="inline-flex min-h-[44px] items-center underline" href={to}>
            {children}
        </a>
    );
}

interface LikeProps {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    revision: number;
    title: string;
}

/** A copy to change, under a name of its own. */
function LikeThis({ open, onOpenChange, revision, title }: LikeProps) {
    const [own, setOwn] = useState(`${title}, but `);
    const begin = useBegin();
    const navigate = useNavigate();
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Like this, but …">
            <form
                className="grid gap-3"
                onSubmit={(e) => {
                    e.preventDefault();
                    begin.mutate({ revision, title: own }, { onSuccess: (draft) => void navigate(`/drafts/${draft.id}`) });
                }}
            >
                <label className="grid gap-1">
                    What the copy is called
                    <input
                        className="field"
                        name="title"
                        required
                        maxLength={120}
                        value={own}
                        onChange={(e) => setOwn(e.target.value)}
                    />
                </label>
                <p className="text-quiet">For a unit in your care, begin on the unit's own page: the copy becomes its circuit.</p>
                {begin.error !== null && (
                    <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                        {begin.error.message}
                    </p>
                )}
                <button type="submit" className="key justify-self-start" data-strong="true" disabled={begin.isPending}>
                    Copy it and change it
                </button>
            </form>
        </Sheet>
    );
}

function Past({ revisions, shown, show }: { revisions: Revision[]; shown: number; show: (id: number) => void }) {
    const session = useSession();
    const back = useBringBack();
    const mark = useMarkShops();
    const newest = revisions[0]?.id;
    const problem = back.error ?? mark.error;
    return (
        <section aria-label="Revisions" className="border-rule border-t p-4">
            <h2 className="heading pb-1">Revisions</h2>
            {problem !== null && <Problem error={problem} />}
            <ul>
                {revisions.map((r) => (
                    <li key={r.id} className="border-rule border-b py-2" data-revision={r.number}>
                        <button
                            type="button"
                            className="block min-h-[44px] w-full text-left leading-tight"
                            aria-pressed={r.id === shown}
                            onClick={() => show(r.id)}
                        >
                            <span className={r.id === shown ? 'font-bold' : ''}>
                                {r.number} · {r.note === '' ? (r.source === 'shipped' ? 'ships with Levin' : 'no note') : r.note}
                            </span>
                            {r.is_shops && <span className="ml-2 bg-live px-1 text-live-ink">the shop's</span>}
                            <span className="block text-quiet">
                                {r.by === '' ? '' : `${r.by}, `}
                                {r.at.slice(0, 10)}
                            </span>
                        </button>
                        {r.id === shown && (
                            <div className="grid gap-2 pt-1">
                                <Changes revision={r.id} />
                                <span className="flex flex-wrap gap-2">
                                    {r.id !== newest && (
                                        <button type="button" className="key" onClick={() => back.mutate(r.id)}>
                                            Bring it back
                                        </button>
                                    )}
                                    {session.data?.role === 'lead' && !r.is_shops && (
                                        <button type="button" className="key" onClick={() => mark.mutate(r.id)}>
                                            This is the shop's
                                        </button>
                                    )}
                                </span>
                            </div>
                        )}
                    </li>
                ))}
            </ul>
            <p className="pt-2">
                <Link className="underline" to="/circuits">
                    All circuits
                </Link>
            </p>
        </section>
    );
}

function Changes({ revision }: { revision: number }) {
    const difference = useDifference(revision);
    const changes = difference.data?.changes ?? [];
    return changes.length === 0 ? null : (
        <ul className="list-disc pl-5" aria-label="What is different">
            {changes.map((change) => (
                <li key={change.words}>{change.words}</li>
            ))}
        </ul>
    );
}
