import { useState } from 'react';
import { useKept } from '../../ui/use-kept';
import { useShopTime } from '../../ui/use-shop-time';
import type { AtStop } from './call-screen';
import { counting } from './events';
import { StillOpen } from './still-open';
import { StopPage } from './stop-page';
import { CONTACT, openAt } from './stops';

/** The customer knows; then the coil may pull in. */
export function HandOver({ trace, outbox, disabled }: AtStop) {
    const { send } = outbox;
    const [who, setWho] = useState('');
    // until somebody edits it, it is told from the record as it is
    const [edited, setEdited] = useKept<string | null>(`told.${trace.call.id}`, null);
    const words = edited ?? trace.account;
    const [said, setSaid] = useState('');
    const told = counting(trace, 'told');
    const { time } = useShopTime();
    return (
        <StopPage
            title="Hand over"
            hint="what was found and done, in the customer's words"
            side={
                <>
                    <Papers trace={trace} />
                    <Closing trace={trace} outbox={outbox} />
                    <StillOpen trace={trace} stop="hand-over" disabled={outbox.busy} send={send} />
                </>
            }
        >
            {told.map((e) => (
                <section key={e.id} aria-label="Told" className="border-rule border-b py-2 leading-snug">
                    <h3 className="heading">
                        Told {String(e.data.who)}, {time(e.noted_at)}
                    </h3>
                    <p className="whitespace-pre-line">{String(e.data.words)}</p>
                    {e.data.said !== '' && <p>They said: “{String(e.data.said)}”</p>}
                </section>
            ))}
            {!trace.standing.closed && (
                <form
                    aria-label="Whom you told, and what"
                    className="mt-3 grid gap-3"
                    onSubmit={(e) => {
                        e.preventDefault();
                        void send('told', { who, words, said }).then((sent) => {
                            if (sent) {
                                setEdited(null);
                                setWho('');
                                setSaid('');
                            }
                        });
                    }}
                >
                    <label className="grid gap-1">
                        What you tell them: put it in their words
                        <textarea
                            className="field py-2 leading-snug"
                            name="words"
                            rows={9}
                            value={words}
                            onChange={(e) => setEdited(e.target.value)}
                        />
                    </label>
                    <label className="grid gap-1">
                        Whom you told
                        <input className="field" name="who" value={who} onChange={(e) => setWho(e.target.value)} />
                    </label>
                    <label className="grid gap-1">
                        What they said
                        <input className="field" name="said" value={said} onChange={(e) => setSaid(e.target.value)} />
                    </label>
                    <button
                        type="submit"
                        className="key"
                        data-strong="true"
                        disabled={disabled || who.trim() === '' || words.trim() === ''}
                    >
                        They are told
                    </button>
                </form>
            )}
        </StopPage>
    );
}

/** What can be printed of it. */
function Papers({ trace }: Pick<AtStop, 'trace'>) {
    const papers: [path: string, name: string][] = [
        ['report', 'Report for the customer'],
        ['note', "Note for the unit's door"],
        ...(trace.call.left === null ? [] : [['tag', 'Tag for what is left off'] as [string, string]]),
    ];
    return (
        <section aria-label="On paper" className="grid gap-2 px-5 pt-5">
            <h2 className="heading">On paper</h2>
            {papers.map(([path, name]) => (
                <a key={path} className="key" href={`/api/calls/${trace.call.id}/${path}.pdf`} target="_blank" rel="noreferrer">
                    {name}
                </a>
            ))}
        </section>
    );
}

/** The coil: it cannot pull in past an open contact. */
function Closing({ trace, outbox }: Pick<AtStop, 'trace' | 'outbox'>) {
    const [reason, setReason] = useState('');
    const at = openAt(trace);
    if (!trace.call.may_change) {
        return null;
    }
    if (trace.standing.closed) {
        return (
            <section aria-label="Closed" className="grid gap-3 p-5">
                <h2 className="font-bold text-2xl">This call is closed.</h2>
                {trace.call.finding !== null && <p className="font-bold text-good">✓ {trace.call.finding}</p>}
                <label className="grid gap-1">
                    Reason to reopen it
                    <input className="field" name="reopen" value={reason} onChange={(e) => setReason(e.target.value)} />
                </label>
                <button
                    type="button"
                    className="key"
                    disabled={outbox.busy || reason.trim() === ''}
                    onClick={() => void outbox.send('reopened', { reason })}
                >
                    Reopen the call
                </button>
            </section>
        );
    }
    return (
        <section aria-label="Closing" className="grid gap-2 px-5 pt-5">
            <h2 className="heading">Close the call</h2>
            <p>{at === undefined ? 'Every contact is closed or passed over.' : `Not yet: “${CONTACT[at.contact]}” is open.`}</p>
            <button
                type="button"
                className="key"
                data-strong={at === undefined}
                disabled={outbox.busy || at !== undefined}
                onClick={() => void outbox.send('closed', {})}
            >
                Close the call
            </button>
        </section>
    );
}
