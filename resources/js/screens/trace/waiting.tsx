import type { OutboxState } from '../../api/outbox';

interface Props {
    outbox: Pick<OutboxState, 'waiting' | 'refused' | 'error' | 'busy'> & {
        flush: () => Promise<void>;
        discard: (id: string) => void;
    };
}

/** What has not reached the server, and what the server will not take: said calmly, and nothing is dropped unread. */
export function Waiting({ outbox }: Props) {
    const { waiting, refused, error, busy } = outbox;
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
            {refused.map((letter) => (
                <div
                    key={letter.event.id}
                    role="alert"
                    data-refused={letter.event.type}
                    className="flex items-start justify-between gap-3 border-ink border-b-2 border-l-8 p-4 font-bold"
                >
                    <p>{letter.refused}</p>
                    <button
                        type="button"
                        className="key shrink-0"
                        aria-label="Dismiss"
                        onClick={() => outbox.discard(letter.event.id)}
                    >
                        ✕
                    </button>
                </div>
            ))}
        </>
    );
}
