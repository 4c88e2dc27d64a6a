import { Link } from 'react-router';
import type { RungContact, Trace } from '../../api/shapes';
import { CONTACT, openAt, passes, STOPS, type Stop, stopPath } from './stops';

/** How far this visit is, and what still keeps it open: contacts in series before the coil that closes the call. */
export function CallRung({ trace, stop }: { trace: Trace; stop: Stop }) {
    const { rung, call, standing } = trace;
    const reach = rung.findIndex((c) => !passes(c));
    const energised = reach < 0 ? rung.length : reach;
    return (
        <nav
            aria-label="This call, stop by stop"
            className={`shrink-0 border-ink border-b-2 bg-paper ${stop === 'trace' ? 'low:hidden' : ''}`}
        >
            <div className="flex items-stretch px-1 [--gap:5px] lg:px-6 lg:[--gap:10px]">
                <Beside call={call.id} stop={stop} step={-1} />
                <Rail hot />
                <ol className="flex min-w-0 flex-1">
                    {rung.map((contact, n) => (
                        <li key={contact.contact} className="min-w-0 flex-1">
                            <Contact
                                contact={contact}
                                to={stopPath(call.id, contact.stop)}
                                here={contact.stop === stop}
                                fed={n < energised ? 'through' : n === energised ? 'to' : 'none'}
                            />
                        </li>
                    ))}
                </ol>
                <Coil fed={energised === rung.length} closed={standing.closed} />
                <Rail hot={false} />
                <Beside call={call.id} stop={stop} step={1} />
            </div>
            <Open trace={trace} stop={stop} />
        </nav>
    );
}

function Rail({ hot }: { hot: boolean }) {
    return (
        <span aria-hidden="true" className="relative my-2 w-4 shrink-0">
            <span className={`absolute inset-y-0 left-0 h-10 w-4 ${hot ? 'bg-live' : 'bg-common'}`} />
            <span className="absolute inset-y-0 left-1.5 h-10 w-1 bg-ink" />
        </span>
    );
}

type Fed = 'through' | 'to' | 'none';

/** Where the highlighter ends. */
const END = { through: 'right-0', to: 'right-[calc(50%+var(--gap))]' };

const JUMPER = '-translate-x-1/2 absolute top-0 left-1/2 h-5 w-12 rounded-t-full border-2 border-ink border-b-0 border-dashed';

function Contact({ contact, to, here, fed }: { contact: RungContact; to: string; here: boolean; fed: Fed }) {
    const name = CONTACT[contact.contact];
    const state = contact.closed ? 'closed' : contact.waived !== null ? 'jumpered' : 'open';
    return (
        <Link
            to={to}
            aria-label={`${name}: ${state}`}
            aria-current={here ? 'step' : undefined}
            data-contact={contact.contact}
            data-state={state}
            className="block min-h-[56px] py-2 max-lg:aria-[current]:bg-rule"
        >
            <span aria-hidden="true" className="relative block h-10">
                {fed !== 'none' && <span className={`absolute top-1/2 left-0 h-4 -translate-y-1/2 bg-live ${END[fed]}`} />}
                <span className="absolute top-1/2 left-0 right-[calc(50%+var(--gap))] h-[3px] -translate-y-1/2 bg-ink" />
                <span className="absolute top-1/2 right-0 left-[calc(50%+var(--gap))] h-[3px] -translate-y-1/2 bg-ink" />
                <span className="-translate-y-1/2 absolute top-1/2 left-[calc(50%-var(--gap)-2px)] h-6 w-[4px] bg-ink" />
                <span className="-translate-y-1/2 absolute top-1/2 left-[calc(50%+var(--gap)-2px)] h-6 w-[4px] bg-ink" />
                {state === 'closed' && (
                    <span className="-translate-x-1/2 -translate-y-1/2 absolute top-1/2 left-1/2 h-[4px] w-[calc(2*var(--gap))] bg-ink" />
                )}
                {state === 'jumpered' && <span className={JUMPER} />}
            </span>
            <span className="block truncate text-center font-bold text-sm leading-tight max-lg:hidden">
                <span className={here ? 'bg-live px-1 text-live-ink' : ''}>{name}</span>
            </span>
        </Link>
    );
}

const COIL = [
    '-translate-x-1/2 -translate-y-1/2 absolute top-1/2 left-1/2 grid size-9 place-items-center',
    'rounded-full border-[3px] border-ink font-bold text-sm',
].join(' ');

function Coil({ fed, closed }: { fed: boolean; closed: boolean }) {
    return (
        <span
            className="w-14 shrink-0 py-2 lg:w-24"
            role="img"
            aria-label={closed ? 'The call is closed' : 'The call is not closed'}
        >
            <span aria-hidden="true" className="relative block h-10">
                {fed && <span className="-translate-y-1/2 absolute top-1/2 left-0 right-1/2 h-4 bg-live" />}
                <span className="-translate-y-1/2 absolute inset-x-0 top-1/2 h-[3px] bg-ink" />
                <span className={`${COIL} ${closed ? 'bg-live text-live-ink' : 'bg-paper'}`}>{closed ? '✓' : ''}</span>
            </span>
            <span aria-hidden="true" className="block text-center font-bold text-sm leading-tight max-lg:hidden">
                Closed
            </span>
        </span>
    );
}

/** The open contact in words. */
function Open({ trace, stop }: { trace: Trace; stop: Stop }) {
    const at = openAt(trace);
    if (trace.standing.closed || at === undefined) {
        return null;
    }
    const [first, ...more] = at.open;
    return (
        <p
            className={`px-4 pb-1 text-odd text-sm leading-tight lg:px-10 ${stop === 'trace' ? 'max-lg:hidden' : ''}`}
            data-open-at={at.contact}
        >
            <strong>{CONTACT[at.contact]} is open.</strong> {first}
            {more.length > 0 && ` And ${more.length} more.`}
        </p>
    );
}

/** On a phone the names do not fit under the contacts: the stop before and the one after, at either end. */
function Beside({ call, stop, step }: { call: number; stop: Stop; step: -1 | 1 }) {
    const other = STOPS[STOPS.findIndex(([s]) => s === stop) + step];
    return other === undefined ? (
        <span className="w-11 shrink-0 lg:hidden" />
    ) : (
        <Link
            className="grid w-11 shrink-0 place-items-center font-bold text-2xl lg:hidden"
            to={stopPath(call, other[0])}
            aria-label={`${step < 0 ? 'Back to' : 'On to'} ${other[1]}`}
        >
            {step < 0 ? '‹' : '›'}
        </Link>
    );
}
