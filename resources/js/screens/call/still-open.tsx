import { useState } from 'react';
import { Link } from 'react-router';
import type { RungContact, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { CONTACT, nextStop, STOPS, type Stop, stopPath } from './stops';

interface Props {
    trace: Trace;
    stop: Stop;
    disabled: boolean;
    send: Send;
}

/** What this stop still asks for, each contact of it with its jumper, and the way on. */
export function StillOpen({ trace, stop, disabled, send }: Props) {
    const own = trace.rung.filter((c) => c.stop === stop);
    const on = nextStop(trace);
    const name = STOPS.find(([s]) => s === on)?.[1];
    return (
        <section aria-label="Still open" className="grid gap-4 p-5">
            {!trace.call.may_change && (
                <p>This is {trace.call.technician.name}'s call. You can read it; its technician or a lead can change it.</p>
            )}
            {own.map((contact) => (
                <ContactOpen
                    key={contact.contact}
                    trace={trace}
                    contact={contact}
                    disabled={disabled || trace.standing.closed || !trace.call.may_change}
                    send={send}
                />
            ))}
            {on !== stop && (
                <Link className="key" data-strong="true" to={stopPath(trace.call.id, on)}>
                    Go on to {name}
                </Link>
            )}
        </section>
    );
}

/** What a contact asks for; what is to be put back is a list of its own, and comes first among it. */
function orders({ contact, open }: RungContact, trace: Trace): string[] {
    const listed = new Set(contact === 'restored' ? trace.open_items.map((o) => o.order) : []);
    const besides = open.filter((order) => !listed.has(order));
    return besides.length === open.length ? open : ['Put back what is listed above.', ...besides];
}

interface OpenProps {
    trace: Trace;
    contact: RungContact;
    disabled: boolean;
    send: Send;
}

function ContactOpen({ trace, contact, disabled, send }: OpenProps) {
    const [reason, setReason] = useState<string | null>(null);
    const name = CONTACT[contact.contact];
    const waive = (on: boolean, why = '') =>
        void send('waived', { contact: contact.contact, on, ...(on ? { reason: why } : {}) }).then(
            (sent) => sent && setReason(null),
        );
    if (contact.closed) {
        return (
            <p className="font-bold text-good">
                ✓ {name}: nothing open{contact.waived !== null && ', and the jumper on it carries nothing'}
            </p>
        );
    }
    return (
        <div data-still-open={contact.contact}>
            <h2 className="heading">{name}: still to do</h2>
            <ul className="grid gap-1 py-1">
                {orders(contact, trace).map((order) => (
                    <li key={order} className="border-rule border-b py-1 leading-snug">
                        {order}
                    </li>
                ))}
            </ul>
            {contact.waived !== null ? (
                <p className="grid gap-2">
                    <span>
                        <strong>Passed over:</strong> {contact.waived}
                    </span>
                    <button type="button" className="key" disabled={disabled} onClick={() => waive(false)}>
                        Take the jumper off it
                    </button>
                </p>
            ) : reason === null ? (
                <button type="button" className="key w-full" disabled={disabled} onClick={() => setReason('')}>
                    Pass it over, with a reason
                </button>
            ) : (
                <form
                    className="grid gap-2"
                    onSubmit={(e) => {
                        e.preventDefault();
                        waive(true, reason);
                    }}
                >
                    <label className="grid gap-1">
                        Why “{name}” is passed over; it stands in the record
                        <input className="field" name="waive" value={reason} onChange={(e) => setReason(e.target.value)} />
                    </label>
                    <button type="submit" className="key" disabled={disabled || reason.trim() === ''}>
                        Put the jumper on
                    </button>
                </form>
            )}
        </div>
    );
}
