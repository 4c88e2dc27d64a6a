import { useState } from 'react';
import { OneOf } from '../../ui/one-of';
import { Aftermath } from '../trace/aftermath';
import type { AtStop } from './call-screen';
import { counting } from './events';
import { StillOpen } from './still-open';
import { StopPage } from './stop-page';

const KINDS = [
    ['found', 'It is found'],
    ['not found', 'Looked for, not found'],
    ['wear', 'Plain wear'],
] as const;

/** Victim or culprit: what would do that again, and what sits behind the dead part and is not proved yet. */
export function Cause({ trace, outbox, disabled }: AtStop) {
    const { send } = outbox;
    const [kind, setKind] = useState<(typeof KINDS)[number][0]>('found');
    const [words, setWords] = useState('');
    const said = counting(trace, 'cause').at(-1);
    const found = trace.call.finding;
    return (
        <StopPage
            title="Victim or culprit?"
            hint="before the power goes back"
            side={<StillOpen trace={trace} stop="cause" disabled={outbox.busy} send={send} />}
        >
            <p className="mb-3 text-lg leading-snug">{found === null ? 'Nothing is found yet.' : <strong>{found}</strong>}</p>
            <div className="-mx-4 border-ink border-t-2 lg:-mx-6">
                <Aftermath trace={trace} disabled={disabled} send={send} />
            </div>
            {found !== null && (
                <form
                    aria-label="What made it fail"
                    className="mt-4 grid gap-2"
                    onSubmit={(e) => {
                        e.preventDefault();
                        void send('cause', { kind, words }).then((sent) => sent && setWords(''));
                    }}
                >
                    <h3 className="heading">What made it fail</h3>
                    {said !== undefined && (
                        <p>
                            <strong>{KINDS.find(([k]) => k === said.data.kind)?.[1]}</strong>
                            {said.data.words === '' ? '' : `: ${said.data.words}`}
                        </p>
                    )}
                    <OneOf label="Which it is" choices={KINDS} value={kind} set={setKind} />
                    <label className="grid gap-1">
                        {kind === 'found' ? 'What it was' : 'What there is to say of it, if anything'}
                        <input className="field" name="cause" value={words} onChange={(e) => setWords(e.target.value)} />
                    </label>
                    <button
                        type="submit"
                        className="key"
                        data-strong="true"
                        disabled={disabled || (kind === 'found' && words.trim() === '')}
                    >
                        Keep it
                    </button>
                </form>
            )}
        </StopPage>
    );
}
