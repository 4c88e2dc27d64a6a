import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useDraft, useMaking, useRedraw, useSaveDraft } from '../../api/circuits';
import type { Draft, Making } from '../../api/shapes';
import { type Edits, useEdits } from '../../api/use-edits';
import { AT_REST } from '../../diagram/at-rest';
import { SheetView } from '../../diagram/sheet-view';
import { Problem } from '../../ui/problem';
import { Sheet } from '../../ui/sheet';
import { ThemeKey } from '../../ui/theme';
import { useTitle } from '../../ui/use-title';
import { CommandLine } from './command-line';
import { wiresOf } from './kinds';
import { LabelPhoto } from './label-photo';
import { PartPanel } from './part-panel';
import { Standing } from './standing';
import { WirePanel } from './wire-panel';

const NO_PROBES = { red: null, black: null };

/** A circuit in the making: the drawing, and beside it what is chosen on it, or what is wrong and what is different. */
export function DraftScreen() {
    const { id = '' } = useParams();
    const draft = useDraft(id);
    const making = useMaking();
    useTitle(draft.data === undefined ? 'Circuit' : `Making: ${draft.data.title}`);
    if (draft.isError) {
        return <Problem error={draft.error} retry={() => void draft.refetch()} />;
    }
    return draft.data === undefined || making.data === undefined ? (
        <p className="p-6">One moment.</p>
    ) : (
        <DraftBoard draft={draft.data} making={making.data} />
    );
}

function DraftBoard({ draft, making }: { draft: Draft; making: Making }) {
    const edits = useEdits(String(draft.id));
    const [chosen, choose] = useState<string | null>(null);
    const [photo, showPhoto] = useState(false);
    useUndoKeys(edits, () => choose(null));
    const known = useMemo(
        () => ({
            proved: [],
            inDoubt: [],
            faulty: draft.wrong.map((w) => w.on),
            fresh: draft.changes.filter((c) => c.sort !== 'gone').map((c) => c.on),
        }),
        [draft],
    );
    const part = draft.parts.find((p) => p.id === chosen);
    const wire = wiresOf(draft).find((w) => w.id === chosen);
    return (
        <div className="mx-auto flex min-h-full max-w-[1600px] flex-col lg:h-full">
            <Head draft={draft} edits={edits} showPhoto={() => showPhoto(!photo)} photo={photo} />
            <main className="flex min-h-0 flex-1 flex-col lg:flex-row">
                {photo && <LabelPhoto draft={draft} close={() => showPhoto(false)} />}
                <section className="flex h-[52vh] min-h-0 min-w-0 flex-none flex-col lg:h-auto lg:flex-1" aria-label="Drawing">
                    {draft.sheet == null ? (
                        <p className="p-6">
                            This cannot be drawn as it stands. What is wrong is said beside it; undo takes you back to where it
                            could.
                        </p>
                    ) : (
                        <SheetView
                            sheet={draft.sheet}
                            is={AT_REST}
                            known={known}
                            probes={NO_PROBES}
                            chosen={chosen}
                            onPoint={(point) => choose(point.slice(0, point.lastIndexOf('.')))}
                            onPart={choose}
                            onWire={choose}
                        />
                    )}
                    <CommandLine draft={draft} making={making} edits={edits} chosen={chosen} choose={choose} />
                </section>
                <aside
                    className="border-ink max-lg:border-t-2 lg:w-[24rem] lg:overflow-y-auto lg:border-l-2"
                    aria-label="What is chosen"
                >
                    {edits.problem !== null && (
                        <p role="alert" className="m-3 border-ink border-l-8 pl-3 font-bold">
                            {edits.problem}
                        </p>
                    )}
                    {part !== undefined && (
                        <PartPanel key={part.id} part={part} draft={draft} making={making} edits={edits} choose={choose} />
                    )}
                    {wire !== undefined && (
                        <WirePanel key={wire.id} wire={wire} draft={draft} making={making} edits={edits} choose={choose} />
                    )}
                    {part === undefined && wire === undefined && <Standing draft={draft} edits={edits} choose={choose} />}
                </aside>
            </main>
        </div>
    );
}

/** Ctrl Z and Ctrl Y, from wherever nothing is being typed; Escape lets go of what is chosen. */
function useUndoKeys(edits: Edits, letGo: () => void) {
    useEffect(() => {
        const onKey = (e: KeyboardEvent) => {
            const isTyped = e.target instanceof HTMLElement && e.target.matches('input:not([value=""]), textarea');
            const isBack = (e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z' && !e.shiftKey;
            const isForth =
                (e.ctrlKey || e.metaKey) && (e.key.toLowerCase() === 'y' || (e.shiftKey && e.key.toLowerCase() === 'z'));
            if (isBack && !isTyped) {
                edits.undo();
            } else if (isForth && !isTyped) {
                edits.redo();
            } else if (e.key === 'Escape') {
                letGo();
            } else {
                return;
            }
            e.preventDefault();
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    });
}

interface HeadProps {
    draft: Draft;
    edits: Edits;
    photo: boolean;
    showPhoto: () => void;
}

function Head({ draft, edits, photo, showPhoto }: HeadProps) {
    const [saving, setSaving] = useState(false);
    return (
        <header className="flex flex-wrap items-center justify-between gap-2 border-ink border-b-2 p-2">
            <div className="flex min-w-0 items-center gap-3">
                <Link to="/circuits" className="key" aria-label="To the circuits">
                    ←
                </Link>
                <div className="min-w-0 leading-tight">
                    <h1 className="truncate font-bold text-lg">{draft.title}</h1>
                    <p className="text-quiet text-sm" aria-live="polite" data-at={draft.at}>
                        {edits.busy
                            ? 'One moment'
                            : draft.is_saved
                              ? 'Saved as a revision'
                              : 'Kept as you go; not yet a revision'}
                    </p>
                </div>
            </div>
            <div className="flex flex-wrap gap-2">
                <button type="button" className="key" disabled={draft.at === 0} onClick={edits.undo}>
                    Undo
                </button>
                <button type="button" className="key" disabled={draft.at === draft.steps} onClick={edits.redo}>
                    Redo
                </button>
                <button type="button" className="key" aria-pressed={photo} data-on={photo} onClick={showPhoto}>
                    Door label
                </button>
                <a className="key max-sm:hidden" href={`/api/drafts/${draft.id}/circuit.yaml`}>
                    File
                </a>
                <span className="contents max-sm:hidden">
                    <ThemeKey />
                </span>
                <button
                    type="button"
                    className="key"
                    data-strong="true"
                    disabled={!draft.is_sound}
                    onClick={() => setSaving(true)}
                >
                    Save
                </button>
            </div>
            <SaveSheet open={saving} onOpenChange={setSaving} draft={draft} />
        </header>
    );
}

/** Why it was changed, for whoever comes next. */
function SaveSheet({ open, onOpenChange, draft }: { open: boolean; onOpenChange: (open: boolean) => void; draft: Draft }) {
    const [note, setNote] = useState('');
    const [query] = useSearchParams();
    const call = query.get('call');
    const save = useSaveDraft(String(draft.id));
    const redraw = useRedraw();
    const navigate = useNavigate();
    const problem = save.error ?? redraw.error;
    const done = (revision: { id: number; circuit: string }) => {
        if (call === null) {
            void navigate(draft.unit === null ? `/circuits/${revision.circuit}` : `/units/${draft.unit}`);
        } else {
            redraw.mutate({ call, revision: revision.id }, { onSuccess: () => void navigate(`/calls/${call}/trace`) });
        }
    };
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Save as a revision">
            <form
                className="grid gap-3"
                onSubmit={(e) => {
                    e.preventDefault();
                    save.mutate(note, { onSuccess: done });
                }}
            >
                <p>
                    {draft.unit !== null && "It becomes this unit's circuit. "}
                    {call !== null && 'The call goes on with it. '}
                    {draft.changes.length} {draft.changes.length === 1 ? 'difference' : 'differences'} to what it began with.
                </p>
                <ul className="max-h-[30vh] list-disc overflow-y-auto pl-5">
                    {draft.changes.map((change) => (
                        <li key={change.words}>{change.words}</li>
                    ))}
                </ul>
                <label className="grid gap-1">
                    Why, in a few words
                    <input
                        className="field"
                        name="note"
                        required
                        maxLength={250}
                        value={note}
                        onChange={(e) => setNote(e.target.value)}
                    />
                </label>
                {problem !== null && (
                    <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                        {problem.message}
                    </p>
                )}
                <button
                    type="submit"
                    className="key justify-self-start"
                    data-strong="true"
                    disabled={save.isPending || redraw.isPending}
                >
                    Save it
                </button>
            </form>
        </Sheet>
    );
}
