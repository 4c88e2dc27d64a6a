import { useState } from 'react';
import type { Send } from '../../api/use-outbox';

/** What the technician has found, in their own words, whatever Levin thinks. */
export function OwnFinding({ disabled, send }: { disabled: boolean; send: Send }) {
    const [words, setWords] = useState('');
    return (
        <form
            className="grid gap-2 px-5 pt-2 pb-6"
            onSubmit={(e) => {
                e.preventDefault();
                void send('finding', { words, cause: '' }).then((sent) => sent && setWords(''));
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
    );
}
