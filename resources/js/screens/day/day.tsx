import { Link } from 'react-router';
import { useCalls } from '../../api/queries';
import type { Call, User } from '../../api/shapes';
import { More } from '../../ui/more';
import { Places } from '../../ui/places';
import { Problem } from '../../ui/problem';
import { CONTACT } from '../call/stops';

/** How far a call is: at which contact its rung is open, once it has begun. */
function stage(call: Call): string {
    if (call.stage === 'scheduled') {
        return 'to do';
    }
    return call.stage === 'closed' ? 'closed' : call.open_at === null ? 'to be closed' : `open at ${CONTACT[call.open_at]}`;
}

/** Midnight, some days from today, where the device is. */
function midnight(days: number): string {
    const date = new Date();
    date.setHours(0, 0, 0, 0);
    date.setDate(date.getDate() + days);
    return date.toISOString();
}

const isToday = (call: Call) => new Date(call.scheduled_for).toDateString() === new Date().toDateString();

function when(call: Call): string {
    const date = new Date(call.scheduled_for);
    return isToday(call)
        ? date.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' })
        : date.toLocaleDateString([], { day: 'numeric', month: 'short' });
}

export function CallRow({ call, showUnit = true }: { call: Call; showUnit?: boolean }) {
    return (
        <li className="border-rule border-b">
            <Link
                to={`/calls/${call.id}`}
                className="grid min-h-[64px] grid-cols-[3.6rem_1fr_auto] items-center gap-x-4 gap-y-0.5 px-4 py-3 hover:bg-margin"
            >
                <span className="font-mono tabular-nums">{when(call)}</span>
                <span className="min-w-0">
                    <span className="block font-bold">
                        {showUnit ? `${call.unit.site} · ${call.unit.name}` : `Call ${call.number}`}
                    </span>
                    <span className="block">{call.complaint}</span>
                    {call.finding !== null && <span className="block font-bold text-good">✓ {call.finding}</span>}
                    <span className="block text-quiet text-sm">
                        {showUnit ? `Call ${call.number} · ` : ''}
                        {call.technician.name}
                        {showUnit ? ` · ${call.unit.address}` : ''}
                    </span>
                </span>
                <span
                    className={
                        call.stage === 'open' || call.stage === 'found'
                            ? 'bg-live px-2 py-1 font-bold text-live-ink text-sm'
                            : 'border border-ink px-2 py-1 font-bold text-sm'
                    }
                >
                    {stage(call)}
                </span>
            </Link>
        </li>
    );
}

export function Day({ user }: { user: User }) {
    const today = useCalls({ from: midnight(0), until: midnight(1), order: 'earliest', per_page: '100' });
    const coming = useCalls({ from: midnight(1), order: 'earliest' });
    const earlier = useCalls({ until: midnight(0) });
    const mine = today.items.filter((c) => c.technician.id === user.id);
    const others = today.items.filter((c) => c.technician.id !== user.id);
    return (
        <main className="mx-auto min-h-full max-w-[1280px]">
            <Places>
                <p className="text-quiet text-sm leading-tight max-sm:hidden">
                    {user.shop}
                    <br />
                    {user.name}, {user.role}
                </p>
            </Places>
            <h1 className="sr-only">Day</h1>
            {today.isError && <Problem error={today.error} retry={() => void today.refetch()} />}
            <div className="lg:grid lg:grid-cols-[3fr_2fr]">
                <div>
                    <List title={`Your calls today · ${mine.length}`} calls={mine} empty="Nothing on your sheet today." />
                    <List title={`The others today · ${others.length}`} calls={others} empty="No other calls today." />
                    <More list={today} />
                </div>
                <div className="border-ink lg:border-l-2">
                    {coming.total > 0 && <List title={`Coming · ${coming.total}`} calls={coming.items} empty="" />}
                    <More list={coming} />
                    <List title={`Earlier · ${earlier.total}`} calls={earlier.items} empty="No earlier calls." />
                    <More list={earlier} />
                </div>
            </div>
        </main>
    );
}

function List({ title, calls, empty }: { title: string; calls: Call[]; empty: string }) {
    return (
        <section>
            <h2 className="heading px-4 pt-5 pb-1">{title}</h2>
            {calls.length === 0 ? (
                <p className="px-4 py-3 text-quiet">{empty}</p>
            ) : (
                <ul className="border-rule border-t">
                    {calls.map((call) => (
                        <CallRow key={call.id} call={call} />
                    ))}
                </ul>
            )}
        </section>
    );
}
