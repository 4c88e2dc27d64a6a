import type { OpenItem, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { useNow } from '../../ui/use-now';
import { clock } from './events';

interface Props {
    trace: Trace;
    disabled: boolean;
    send: Send;
}

/** Each jumper wire that is on, on every stop, with how long it has been: it is a test that somebody watches, and nothing else. */
export function JumperClocks({ trace, disabled, send }: Props) {
    const on = trace.open_items.filter((o) => o.type === 'jumper');
    return on.map((o) => <JumperClock key={o.key} item={o} disabled={disabled} send={send} />);
}

function JumperClock({ item, disabled, send }: { item: OpenItem; disabled: boolean; send: Send }) {
    const now = useNow();
    const seconds = item.since === null ? null : Math.max(0, (now - Date.parse(item.since)) / 1000);
    return (
        <div className="flex shrink-0 items-center gap-4 border-ink border-b-2 bg-ink px-4 py-1 text-paper lg:px-10">
            <p role="timer" aria-label="Jumper on for" className="font-bold font-mono text-2xl tabular-nums">
                {seconds === null ? '?' : clock(seconds)}
            </p>
            <p className="min-w-0 flex-1 leading-tight">
                <strong>{item.label}</strong> {item.state}. <span className="max-sm:hidden">Watch it; it does not stay.</span>
            </p>
            <button type="button" className="key shrink-0" disabled={disabled} onClick={() => void send(item.type, item.data)}>
                {item.undo}
            </button>
        </div>
    );
}
