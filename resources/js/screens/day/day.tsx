import { Link } from 'react-router';
import { useCalls } from '../../api/queries';
import type { Call, User } from '../../api/shapes';
import { Critical } from '../../ui/critical';
import { More } from '../../ui/more';
import { Places } from '../../ui/places';
import { Problem } from '../../ui/problem';
import { useShopTime } from '../../ui/use-shop-time';
import { useTitle } from '../../ui/use-title';
import { CONTACT } from '../call/stops';

/** How far a call is: at which contact its rung is open, once it has begun. */
function stage(call: Call): string {
    if (call.stage === 'scheduled') {
        return 'to do';
    }
    return call.stage === 'closed' ? 'closed' : call.open_at === null ? 'to be closed' : `open at ${CONTACT[call.open_at]}`;
}

export function CallRow({ call, showUnit = true }: { call: Call; showUnit?: boolean }) {
    const { time, day, isToday } = useShopTime();
    return (
        <li className="border-rule border-b" data-call={call.number}>
            <Link
                to={`/calls/${call.id}`}
                className="call-row grid min-h-[64px] items-center gap-x-4 gap-y-0.5 px-4 py-3 hover:bg-margin"
            >
                <span className="whitespace-nowrap font-mono tabular-nums tracking-tight">
                    {(isToday(call.scheduled_for) ? time : day)(call.scheduled_for)}
                </span>
                <span className="min-w-0">
                    <span className="block font-bold">
                        {showUnit ? `${call.unit.site} · ${call.unit.name}` : `Call ${call.number}`}
                    </span>
                    {call.stage !== 'closed' && <Critical lost={call.unit.critical} />}
                    <span className="block">{call.complaint}</span>
                    {call.finding !== null && <span className="block font-bold text-good">✓ {call.finding}</span>}
                    {call.left_words !== null && (
                        <span className="block">
                            <strong>{LEFT[call.left ?? 'return']}:</strong> {call.left_words}
                        </span>
                    )}
                    {call.jumper_since !== null && (
                        <strong className="block text-odd">A jumper is on, since {time(call.jumper_since)}: take it off.</strong>
                    )}
                    <span className="block text-quiet text-sm">
                        {showUnit ? `Call ${call.number} · ` : ''}
                        {call.technician.name}
                        {showUnit ? ` · ${call.unit.address}` : ''}
                    </span>
                </span>
                <span
                    className={`px-2 py-1 font-bold text-sm max-sm:col-start-2 max-sm:mt-1 max-sm:justify-self-start ${
                        call.stage === 'open' || call.stage === 'found' ? 'bg-live text-live-ink' : 'border border-ink'
                    }`}
                >
                    {stage(call)}
                </span>
            </Link>
        </li>
    );
}

const LEFT = { 'made safe': 'Made safe', condemned: 'Condemned', return: 'Someone comes back' };

type Section = 'now' | 'next' | 'unfinished' | 'coming' | 'waiting' | 'others' | 'done';

/** What a section of the day is called, and what is said where there is nothing in it; null: then it is not there. */
const SECTIONS: Record<Section, [title: string, empty: string | null, order: 'earliest' | 'latest']> = {
    now: ['Now', 'No call is begun.', 'earliest'],
    next: ['Next today', 'Nothing more on your sheet today.', 'earliest'],
    unfinished: ['Unfinished, from before', null, 'latest'],
    waiting: ['Waiting for someone to come back', null, 'earliest'],
    coming: ['Coming', null, 'earliest'],
    others: ['The others', 'No other call is open.', 'earliest'],
    done: ['Done', 'No call is closed yet.', 'latest'],
};

/** What is one's own now, next, unfinished and coming, where the shop is; what waits; what the others do and what is done. */
export function Day({ user }: { user: User }) {
    useTitle('Day');
    return (
        <main className="mx-auto min-h-full max-w-[1280px]">
            <Places>
                <p className="text-quiet text-sm leading-tight max-md:hidden">
                    {user.shop}
                    <br />
                    {user.name}, {user.role}
                </p>
            </Places>
            <h1 className="sr-only">Day</h1>
            <div className="lg:grid lg:grid-cols-[3fr_2fr]">
                <div>
                    <List section="now" />
                    <List section="next" />
                    <List section="unfinished" />
                    <List section="coming" />
                </div>
                <div className="border-ink lg:border-l-2">
                    <List section="waiting" />
                    <List section="others" />
                    <List section="done" />
                </div>
            </div>
        </main>
    );
}

function List({ section }: { section: Section }) {
    const [title, empty, order] = SECTIONS[section];
    const calls = useCalls({ section, order, per_page: '20' });
    if (calls.isError) {
        return <Problem error={calls.error} retry={() => void calls.refetch()} />;
    }
    if (calls.data === undefined || (calls.total === 0 && empty === null)) {
        return null;
    }
    return (
        <section aria-label={title} data-section={section}>
            <h2 className="heading px-4 pt-5 pb-1">
                {title} · {calls.total}
            </h2>
            {calls.total === 0 ? (
                <p className="px-4 py-3 text-quiet">{empty}</p>
            ) : (
                <ul className="border-rule border-t">
                    {calls.items.map((call) => (
                        <CallRow key={call.id} call={call} />
                    ))}
                </ul>
            )}
            <More list={calls} />
        </section>
    );
}
