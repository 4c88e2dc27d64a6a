import type { Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';

interface Props {
    trace: Trace;
    disabled: boolean;
    set: (name: string, value: boolean) => void;
    send: Send;
}

const CHIP = 'min-h-[48px] shrink-0 rounded-[3px] border-2 border-ink px-3 text-left leading-tight lg:px-2';

/** What the operator and the world have set, and what is lifted; one tap changes it and logs that it changed. */
export function Conditions(props: Props) {
    return (
        <fieldset
            className="flex min-w-0 shrink-0 gap-2 overflow-x-auto border-rule border-b px-3 py-2 lg:flex-wrap lg:gap-1.5"
            aria-label="Conditions"
        >
            {props.trace.standing.conditions.map((c) => (
                <button
                    key={c.name}
                    type="button"
                    data-condition={c.name}
                    aria-pressed={c.value}
                    disabled={props.disabled}
                    onClick={() => props.set(c.name, !c.value)}
                    className={`${CHIP} ${c.value ? 'bg-live text-live-ink' : 'border-dashed bg-paper text-ink'}`}
                >
                    <span className="block text-[0.8rem]">{c.label}</span>
                    <span className="block font-bold">{c.says}</span>
                </button>
            ))}
            {undoable(props.trace).map((u) => (
                <button
                    key={u.key}
                    type="button"
                    data-lifted={u.key}
                    disabled={props.disabled}
                    onClick={() => void props.send(u.event, u.data)}
                    className={`${CHIP} border-dotted bg-paper`}
                >
                    <span className="block text-[0.8rem]">{u.is}</span>
                    <span className="block font-bold">{u.undo}</span>
                </button>
            ))}
        </fieldset>
    );
}

interface Undoable {
    key: string;
    is: string;
    undo: string;
    event: Parameters<Send>[0];
    data: Record<string, unknown>;
}

/** All that somebody has left as it should not stay, each with the way back; switches have their own keys. */
function undoable({ standing: s, open_items }: Trace): Undoable[] {
    const barred = (why: string, what: string, is: string): Undoable => ({
        key: `${why} ${what}`,
        is,
        undo: 'no longer',
        event: 'barred',
        data: { why, what, barred: false },
    });
    return [
        ...open_items
            .filter((o) => o.type !== 'condition')
            .map((o) => ({ key: o.key, is: `${o.label}: ${o.state}`, undo: o.undo, event: o.type, data: o.data })),
        ...s.out_of_reach.map((place) => barred('cannot reach', place, `out of reach: ${place}`)),
        ...(s.must_run ? [barred('must run', '', 'must go on running')] : []),
        ...s.put_off.map((test) => barred('not now', test, `not now: ${test}`)),
    ];
}
