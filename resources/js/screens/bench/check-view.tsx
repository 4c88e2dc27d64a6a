import { useState } from 'react';
import { useJudgement } from '../../api/queries';
import type { BenchCheck, BenchEntry, User } from '../../api/shapes';
import { Problem } from '../../ui/problem';
import { EntryField } from './entry-field';
import { KeepKey, KeepSheet, Kept, type KeptWith } from './keep';
import { Phasors } from './phasors';
import { RowDrawing } from './row-drawing';
import { Share } from './share';
import { useDraft } from './use-draft';
import { Verdict, VerdictLine } from './verdict';

/** One check: its fields, its drawing, and what comes of it as one types. */
export function CheckView({ check, user }: { check: BenchCheck; user: User }) {
    const preferred = user.units;
    const [draft, change] = useDraft(check.name);
    const [keeping, setKeeping] = useState(false);
    const [kept, setKept] = useState<KeptWith | null>(null);
    const units = Object.fromEntries(
        check.entries.map((e) => [e.name, draft.units[e.name] ?? preferred[e.dimension] ?? e.units[0] ?? '']),
    );
    // what is not chosen is the first choice, which may be a habit of the shop
    const given = { ...draft.given };
    for (const entry of check.entries) {
        given[entry.name] ||= entry.choices[0] ?? '';
    }
    const answer = useJudgement(check.name, given, units, preferred);
    const judged = answer.data;
    const judgement = judged?.judgement ?? null;
    const isReady = judgement !== null && !answer.isPlaceholderData;
    const row = judgement?.row ?? check.row;
    const typed = (name: string) => {
        const text = draft.given[name] ?? '';
        const entry = check.entries.find((e) => e.name === name);
        // a number that has its unit with it needs no other
        return text === '' || entry?.kind === 'word' || !/^[\d\s.,+-]+$/.test(text) ? text : `${text} ${units[name] ?? ''}`;
    };
    const named = check.entries.filter((e) => e.kind === 'word');
    // what stands before the last that must be there belongs with it
    const upTo = check.entries.findLastIndex((e) => e.is_required);
    const first = check.entries.filter((e, n) => e.kind !== 'word' && n <= upTo);
    const more = check.entries.filter((e, n) => e.kind !== 'word' && n > upTo);
    const field = (entry: BenchEntry) => (
        <EntryField
            key={entry.name}
            entry={entry}
            text={draft.given[entry.name] ?? ''}
            change={change}
            unit={units[entry.name] ?? ''}
            wrong={judged?.is_wrong === true && judged.entry === entry.name ? judged.waits : ''}
        />
    );
    return (
        <>
            <section className="min-w-0 border-ink px-4 py-4 pb-28 md:px-6 lg:border-r-2 lg:pb-6">
                <h1 className="font-bold text-3xl">{check.title}</h1>
                <p className="pt-1 pb-2">{check.how}</p>
                <p className="mb-4 border-ink border-l-8 pl-3 font-bold">{check.caution}</p>
                <form className="grid gap-3" onSubmit={(e) => e.preventDefault()}>
                    {named.length > 0 && <div className="flex flex-wrap gap-3">{named.map(field)}</div>}
                    {first.map(field)}
                    {judged?.is_wrong === true && judged.entry === '' && (
                        <p role="alert" className="border-odd border-l-8 pl-3 font-bold">
                            {judged.waits}
                        </p>
                    )}
                    {answer.isError && <Problem error={answer.error} retry={() => void answer.refetch()} />}
                    <div className="flex flex-wrap gap-4 py-2">
                        <RowDrawing row={row} typed={judgement?.row === row ? () => '' : typed} />
                        {judgement !== null && judgement.phasors.length > 0 && <Phasors phasors={judgement.phasors} />}
                    </div>
                    {named.length + first.length > 0 && more.length > 0 && <h2 className="heading">As far as it is known</h2>}
                    {more.map(field)}
                    <div className="flex flex-wrap gap-2 print:hidden">
                        <button
                            type="button"
                            className="key"
                            onClick={() => change(({ units: same }) => ({ given: {}, units: same }))}
                        >
                            Clear
                        </button>
                        <button type="button" className="key" onClick={() => window.print()}>
                            Print
                        </button>
                        <Share title={check.title} said={judgement?.headline ?? ''} />
                    </div>
                </form>
            </section>
            <section className="min-w-0 bg-margin px-4 py-4 max-lg:border-ink max-lg:border-t-2 max-lg:pb-28 md:px-6">
                <div className="lg:sticky lg:top-4">
                    <Verdict check={check} answer={judged}>
                        <div className="max-lg:hidden">
                            <KeepKey ready={isReady} keep={() => setKeeping(true)} />
                        </div>
                        <Kept kept={kept} />
                    </Verdict>
                </div>
            </section>
            <div
                className="print:hidden fixed inset-x-0 bottom-0 border-ink border-t-2 bg-paper px-4 py-3 lg:hidden"
                data-verdict-line
            >
                <div className="flex items-center justify-between gap-3">
                    <VerdictLine answer={judged} />
                    <KeepKey ready={isReady} keep={() => setKeeping(true)} />
                </div>
            </div>
            <KeepSheet
                judging={{ data: { check: check.name, given, units }, words: check.words }}
                user={user.id}
                open={keeping}
                setOpen={setKeeping}
                kept={setKept}
            />
        </>
    );
}
