import { useState } from 'react';
import { Link } from 'react-router';
import type { Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';

interface Props {
    trace: Trace;
    disabled: boolean;
    send: Send;
}

/** The end of the trace: the fault, and what it leaves unexplained. */
export function Finding({ trace, disabled, send }: Props) {
    const [text, setText] = useState('');
    const { standing, suspects, call } = trace;
    const group = suspects.groups[0];
    if (!call.may_change) {
        return (
            <p className="border-ink border-b-2 p-5">
                This is {call.technician.name}'s call. You can read it; its technician or a lead can change it.
            </p>
        );
    }
    if (call.finding !== null) {
        return (
            <section aria-label="Finding" className="grid gap-3 border-ink border-b-2 p-5">
                <h2 className="heading">Found</h2>
                <p className="font-bold text-xl leading-tight">{call.finding}</p>
                {!standing.closed && (
                    <>
                        <Link className="key" data-strong="true" to={`/calls/${call.id}/cause`}>
                            Why, and before you drive for the part
                        </Link>
                        <Beside disabled={disabled} send={send} />
                    </>
                )}
            </section>
        );
    }
    if (suspects.found === null || suspects.found.length === 0 || group === undefined) {
        return null;
    }
    return (
        <section aria-label="Finding" className="grid gap-3 border-ink border-b-2 p-5">
            <h2 className="heading">Found · {Math.round(group.probability * 100)} %</h2>
            <p className="font-bold text-xl leading-tight" data-finding>
                {group.labels.join(', or ')}
            </p>
            <label className="grid gap-1">
                Why it failed, if you know
                <input className="field" name="cause" value={text} onChange={(e) => setText(e.target.value)} />
            </label>
            <button
                type="button"
                className="key"
                data-strong="true"
                disabled={disabled}
                onClick={() => void send('finding', { faults: suspects.found, cause: text }).then((sent) => sent && setText(''))}
            >
                Record the finding
            </button>
        </section>
    );
}

/** What one fault did to another part, or a second one that has nothing to do with it. */
function Beside({ disabled, send }: Pick<Props, 'disabled' | 'send'>) {
    const [words, setWords] = useState('');
    return (
        <form
            aria-label="Found beside it"
            className="grid gap-2"
            onSubmit={(e) => {
                e.preventDefault();
                void send('finding', { words, cause: '', unexplained: [], beside: true }).then((sent) => sent && setWords(''));
            }}
        >
            <label className="grid gap-1">
                And what else is wrong, if anything
                <input className="field" name="beside" value={words} onChange={(e) => setWords(e.target.value)} />
            </label>
            <button type="submit" className="key" disabled={disabled || words.trim() === ''}>
                That is wrong too
            </button>
        </form>
    );
}
