import { useState } from 'react';
import type { Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';

interface Props {
    trace: Trace;
    disabled: boolean;
    send: Send;
}

/** The end of the trace: the fault, its cause, closing and reopening. */
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
    if (standing.closed) {
        return (
            <section aria-label="Closed" className="grid gap-3 border-ink border-b-2 p-5">
                <h2 className="font-bold text-2xl">This call is closed.</h2>
                {call.finding !== null && <p className="font-bold text-good">✓ {call.finding}</p>}
                <label className="grid gap-1">
                    Reason to reopen it
                    <input className="field" name="reopen" value={text} onChange={(e) => setText(e.target.value)} />
                </label>
                <button type="button" className="key" disabled={disabled} onClick={() => void send('reopened', { reason: text })}>
                    Reopen the call
                </button>
            </section>
        );
    }
    if (call.finding !== null) {
        return (
            <section aria-label="Finding" className="grid gap-3 border-ink border-b-2 p-5">
                <h2 className="heading">Found</h2>
                <p className="font-bold text-xl leading-tight">{call.finding}</p>
                <p>Repair, put every lead, cover and cap back, and watch it run under load before you close the call.</p>
                {standing.power_off.length > 0 && (
                    <label className="grid gap-1">
                        <span>
                            <strong>The power is off: {standing.power_off.join(', ')}.</strong> If it stays off, say why and who
                            knows of it.
                        </span>
                        <input className="field" name="left_off" value={text} onChange={(e) => setText(e.target.value)} />
                    </label>
                )}
                <button
                    type="button"
                    className="key"
                    data-strong="true"
                    disabled={disabled}
                    onClick={() => void send('closed', standing.power_off.length > 0 ? { left_off: text } : {})}
                >
                    Close the call
                </button>
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
