import type { OutboxState } from '../../api/outbox';

interface Props {
    outbox: OutboxState & { flush: () => Promise<void>; discard: (id: string) => void; forget: () => void };
}

/** What has not reached the server, and what the server will not take: said calmly, and nothing is dropped unread. */
export function Waiting({ outbox }: Props) {
    const { waiting, refused, error, refusal, busy } = outbox;
    return (
        <>
            {error !== null && !error.isExpired && waiting.length > 0 && (
                <div
                    role="alert"
                    data-waiting={waiting.length}
                    className="flex items-start justify-between gap-3 border-ink border-b-2 border-l-8 p-4"
                >
                    <p>
                        <strong>{waiting.length} waiting.</strong> {error.message}
                    </p>
                    <button type="button" className="key shrink-0" disabled={busy} onClick={() => void outbox.flush()}>
                        Send again
                    </button>
                </div>
            )}
            {refusal !== null && <Said what={refusal} dismiss={outbox.forget} />}
            {refused.map(({ event, refused: why }) => (
                <Said
                    key={event.id}
                    what={`Not taken, ${event.type} of ${event.noted_at}: ${why}`}
                    dismiss={() => outbox.discard(event.id)}
                />
            ))}
        </>
    );
}

function Said({ what, dismiss }: { what: string; dismiss: () => void }) {
    return (
        <div role="alert" className="flex items-start justify-between gap-3 border-ink border-b-2 border-l-8 p-4 font-bold">
            <p>{what}</p>
            <button type="button" className="key shrink-0" aria-label="Dismiss" onClick={dismiss}>
                ✕
            </button>
        </div>
    );
}
