import { useState } from 'react';
import type { Send } from '../../api/use-outbox';

interface Props {
    /** ids of readings that Levin cannot explain: the finding has to, or they are taken again */
    unexplained: string[];
    disabled: boolean;
    send: Send;
}

/** What the technician has found, in their own words, whatever Levin thinks. */
export function OwnFinding({ unexplained, disabled, send }: Props) {
    const [words, setWords] = useState('');
    const [checked, setChecked] = useState('');
    return (
        <>
            <form
                className="grid gap-2 px-5 pt-2 pb-6"
                onSubmit={(e) => {
                    e.preventDefault();
                    void send('finding', { words, cause: '', unexplained }).then((sent) => sent && setWords(''));
                }}
            >
                <label className="grid gap-1">
                    Found something else
                    <input className="field" name="own_finding" value={words} onChange={(e) => setWords(e.target.value)} />
                </label>
                <button type="submit" className="key" disabled={disabled || words.trim() === ''}>
                    Record it in these words
                </button>
            </form>
            <form
                className="grid gap-2 px-5 pb-6"
                onSubmit={(e) => {
                    e.preventDefault();
                    void send('finding', { nothing: true, words: checked, unexplained }).then((sent) => sent && setChecked(''));
                }}
            >
                <label className="grid gap-1">
                    No electrical fault here: what was checked
                    <input className="field" name="nothing_wrong" value={checked} onChange={(e) => setChecked(e.target.value)} />
                </label>
                <button type="submit" className="key" disabled={disabled || checked.trim() === ''}>
                    Nothing is wrong in this circuit
                </button>
            </form>
        </>
    );
}
