import { useState } from 'react';
import type { Draft, Making } from '../../api/shapes';
import { word } from '../../api/use-edits';
import { PickField } from './fields';
import { kindChoices, kindOf, lettersFor } from './kinds';

interface Props {
    draft: Draft;
    making: Making;
    /** kind, letters, words, terminals */
    put: (said: string) => Promise<boolean>;
    done: (id: string) => void;
    first: string;
    verb: string;
}

/** A part that is put in: its kind, its letters and what it is called, and of one with more than two terminals which two. */
export function NewPart({ draft, making, put, done, first, verb }: Props) {
    const [kind, setKind] = useState(first);
    const [letters, setLetters] = useState<string | null>(null);
    const [label, setLabel] = useState('');
    const [ends, setEnds] = useState<[string, string]>(['', '']);
    const is = kindOf(making, kind);
    const terminals = is?.terminals ?? [];
    const needsEnds = terminals.length > 2;
    const id = letters ?? lettersFor(draft, kind);
    const [a, b] = [ends[0] || (terminals[0] ?? ''), ends[1] || (terminals[1] ?? '')];
    const words = label.trim() === '' ? (is?.title ?? kind) : label.trim();
    return (
        <form
            className="grid gap-2"
            onSubmit={async (e) => {
                e.preventDefault();
                if (await put(`${word(id)} ${kind} ${word(words)}${needsEnds ? ` ${a} ${b}` : ''}`)) {
                    done(id);
                }
            }}
        >
            <PickField
                label="What it is"
                name="new-kind"
                value={kind}
                choices={kindChoices(making)}
                keep={(k) => {
                    setKind(k);
                    setLetters(null);
                    setEnds(['', '']);
                }}
            />
            <div className="grid grid-cols-[6.5rem_1fr] gap-2">
                <label className="grid gap-1">
                    Letters
                    <input
                        className="field font-mono"
                        name="new-letters"
                        value={id}
                        onChange={(e) => setLetters(e.target.value.toUpperCase())}
                    />
                </label>
                <label className="grid gap-1">
                    In words
                    <input
                        className="field"
                        name="new-label"
                        placeholder={is?.title}
                        value={label}
                        onChange={(e) => setLabel(e.target.value)}
                    />
                </label>
            </div>
            {needsEnds && (
                <div className="grid grid-cols-2 gap-2">
                    {[0, 1].map((n) => (
                        <PickField
                            key={n}
                            label={n === 0 ? 'In at' : 'Out at'}
                            name={n === 0 ? 'new-in' : 'new-out'}
                            value={n === 0 ? a : b}
                            choices={terminals.map((t) => [t, t])}
                            keep={(t) => setEnds(n === 0 ? [t, b] : [a, t])}
                        />
                    ))}
                </div>
            )}
            <button type="submit" className="key justify-self-start" data-strong="true">
                {verb}
            </button>
        </form>
    );
}
