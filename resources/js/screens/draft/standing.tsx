import { useState } from 'react';
import { useDraftSequence } from '../../api/circuits';
import type { Draft } from '../../api/shapes';
import { type Edits, word } from '../../api/use-edits';
import { EditField } from './fields';
import { SequenceList } from './sequence-list';

interface Props {
    draft: Draft;
    edits: Edits;
    choose: (id: string) => void;
}

/** How the draft stands while nothing on it is chosen: what is wrong, what it does, what is different. */
export function Standing({ draft, edits, choose }: Props) {
    return (
        <div className="grid gap-5 p-4">
            <section aria-label="What is wrong">
                <h2 className="heading pb-1">What is wrong</h2>
                {draft.wrong.length === 0 ? (
                    <p>Nothing that can be seen: it can be saved and held to a meter.</p>
                ) : (
                    <ul className="grid gap-2">
                        {draft.wrong.map((w) => (
                            <li key={`${w.on} ${w.what}`} data-wrong={w.on}>
                                <button
                                    type="button"
                                    className="block min-h-[44px] w-full border-odd border-l-8 pl-3 text-left data-[bars=true]:border-ink"
                                    data-bars={w.bars}
                                    disabled={w.on === ''}
                                    onClick={() => choose(w.on)}
                                >
                                    {w.on !== '' && <span className="font-bold font-mono">{w.on}: </span>}
                                    <strong>{w.what}</strong> {w.remedy}
                                    {!w.bars && <span className="block text-quiet text-sm">It can be saved all the same.</span>}
                                </button>
                            </li>
                        ))}
                    </ul>
                )}
            </section>
            <WhatItDoes draft={draft} />
            <section aria-label="What is different">
                <h2 className="heading pb-1">
                    {draft.begun === '' ? 'What is drawn' : `What is different from "${draft.begun}"`}
                </h2>
                {draft.changes.length === 0 ? (
                    <p>Nothing yet. Tap a part or a wire on the drawing, or type a change below it.</p>
                ) : (
                    <ul>
                        {draft.changes.map((change) => (
                            <li key={change.words} className="border-rule border-b py-1" data-change={change.sort}>
                                {change.words}
                            </li>
                        ))}
                    </ul>
                )}
            </section>
            <section className="grid gap-2" aria-label="The circuit as a whole">
                <h2 className="heading">The circuit as a whole</h2>
                <EditField label="Called" wide name="title" value={draft.title} keep={(t) => edits.edit(`title ${word(t)}`)} />
                <NewPlace edits={edits} />
            </section>
        </div>
    );
}

/** Healthy, from the call on; as the draft stands. */
function WhatItDoes({ draft }: { draft: Draft }) {
    const [wanted, setWanted] = useState(false);
    const sequence = useDraftSequence(String(draft.id), draft.at, wanted && draft.is_sound);
    if (!wanted) {
        return (
            <button type="button" className="key justify-self-start" onClick={() => setWanted(true)} disabled={!draft.is_sound}>
                See what it does
            </button>
        );
    }
    return sequence.data === undefined ? (
        <p>{draft.is_sound ? 'One moment.' : 'It does nothing until what is wrong is mended.'}</p>
    ) : (
        <div className="-mx-4">
            <SequenceList steps={sequence.data.steps} />
        </div>
    );
}

/** A place that the unit has and the drawing has not. */
function NewPlace({ edits }: { edits: Edits }) {
    return (
        <EditField
            label="One more place"
            wide
            hint="where parts sit: attic, 6 min"
            name="place-new"
            value=""
            keep={(said) => {
                const [label = '', minutes = ''] = said.split(',').map((s) => s.trim());
                const id = label.toLowerCase().replace(/[^a-z0-9]+/g, '_');
                return edits.edit(`place ${word(id)} ${word(label)} ${Number.parseFloat(minutes) || 2}`);
            }}
        />
    );
}
