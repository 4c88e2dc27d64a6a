import { useState } from 'react';
import type { LogEvent, Part, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { OneOf } from '../../ui/one-of';
import { Sheet } from '../../ui/sheet';
import { useShopTime } from '../../ui/use-shop-time';
import { momentWords } from '../trace/event-words';
import { Seen } from '../trace/seen';
import type { AtStop } from './call-screen';
import { counting } from './events';
import { Photos } from './photos';
import { StillOpen } from './still-open';
import { StopPage } from './stop-page';
import { Thermostat } from './thermostat';
import { WhichUnit } from './which-unit';

/** Before any cover comes off: history, complaint, what is seen and heard, by place. */
export function Arrive({ trace, sheet, outbox, disabled }: AtStop) {
    const [looking, setLooking] = useState<Part | null>(null);
    const { send } = outbox;
    const seen = new Map(counting(trace, 'observation').map((e) => [String(e.data.part), e]));
    const visible = sheet.parts.filter((p) => p.observables.length > 0);
    const places = [...new Set(visible.map((p) => p.place))];
    return (
        <StopPage
            title="What do you see?"
            hint="look and listen before any cover comes off"
            side={
                <>
                    <Codes trace={trace} />
                    <WhichUnit trace={trace} />
                    <History trace={trace} disabled={disabled} send={send} />
                    <StillOpen trace={trace} stop="arrive" disabled={outbox.busy} send={send} />
                </>
            }
        >
            <Complaint trace={trace} disabled={disabled} send={send} />
            {places.map((place) => (
                <section key={place} aria-label={place} className="mt-4">
                    <h3 className="heading">{place}</h3>
                    {visible
                        .filter((p) => p.place === place)
                        .map((part) => (
                            <Row
                                key={part.id}
                                part={part}
                                last={seen.get(part.id)}
                                disabled={disabled}
                                pick={(what) => void send('observation', { part: part.id, seen: what })}
                                more={() => setLooking(part)}
                            />
                        ))}
                </section>
            ))}
            <Switches trace={trace} disabled={disabled} send={send} />
            <Thermostat trace={trace} disabled={disabled} send={send} />
            <Photos trace={trace} sheet={sheet} disabled={disabled} send={send} />
            <Sheet open={looking !== null} onOpenChange={() => setLooking(null)} title={looking?.label ?? ''}>
                {looking !== null && (
                    <Seen
                        part={looking}
                        standing={trace.standing}
                        disabled={disabled}
                        pick={(what, moment) => {
                            void send('observation', {
                                part: looking.id,
                                seen: what,
                                ...(moment === undefined ? {} : { moment }),
                            });
                            setLooking(null);
                        }}
                        felt={(felt) => {
                            void send('felt', { target: looking.id, felt });
                            setLooking(null);
                        }}
                        send={send}
                        cancel={() => setLooking(null)}
                    />
                )}
            </Sheet>
        </StopPage>
    );
}

interface RowProps {
    part: Part;
    last: LogEvent | undefined;
    disabled: boolean;
    pick: (seen: string) => void;
    more: () => void;
}

function Row({ part, last, disabled, pick, more }: RowProps) {
    return (
        <div
            className="grid gap-2 border-rule border-b py-2 lg:grid-cols-[220px_minmax(0,1fr)] lg:items-center"
            data-see={part.id}
        >
            <p className="font-bold leading-tight">
                {part.label}
                {last?.data.moment !== undefined && (
                    <span className="font-normal text-quiet"> {momentWords(last.data.moment)}</span>
                )}
            </p>
            <div className="flex flex-wrap gap-2">
                {part.observables.map((what) => {
                    const on = String(last?.data.seen ?? '')
                        .split(', ')
                        .includes(what);
                    return (
                        <button
                            key={what}
                            type="button"
                            className="key px-3"
                            aria-pressed={on}
                            data-on={on}
                            disabled={disabled}
                            onClick={() => pick(what)}
                        >
                            {what}
                        </button>
                    );
                })}
                <button type="button" className="key border-dashed px-3" disabled={disabled} onClick={more}>
                    <span className="sr-only">{part.label}: </span>
                    <span className="lg:hidden">more</span>
                    <span className="max-lg:hidden">when, hands, nose</span>
                </button>
            </div>
            <Printed part={part} seen={String(last?.data.seen ?? '')} />
        </div>
    );
}

/** The unit's own table for what is seen of a part; what it says of the last thing seen stands out. */
function Printed({ part, seen }: { part: Part; seen: string }) {
    return part.printed.length === 0 ? null : (
        <details className="lg:col-start-2" open={seen !== ''}>
            <summary className="min-h-[44px] cursor-pointer content-center text-quiet">As printed on the unit</summary>
            <dl className="grid grid-cols-[7rem_minmax(0,1fr)] gap-x-3 leading-snug">
                {part.printed.map(({ seen: code, means }) => (
                    <div key={code} className="col-span-2 grid grid-cols-subgrid" data-printed={code}>
                        <dt className={seen.split(', ').includes(code) ? 'font-bold' : 'text-quiet'}>{code}</dt>
                        <dd className={seen.split(', ').includes(code) ? 'font-bold' : 'text-quiet'}>
                            {seen.split(', ').includes(code) ? (
                                <span className="bg-live px-1 text-live-ink">{means}</span>
                            ) : (
                                means
                            )}
                        </dd>
                    </div>
                ))}
            </dl>
        </details>
    );
}

/** Breakers, disconnects and doors that cut the power: one that is found off is half of the answer. */
function Switches({ trace, disabled, send }: { trace: Trace; disabled: boolean; send: Send }) {
    return (
        <section aria-label="What cuts the power" className="mt-4">
            <h3 className="heading">What cuts the power, as you find it</h3>
            {trace.standing.conditions
                .filter((c) => c.power)
                .map(({ name, label, value, on, off }) => (
                    <div
                        key={name}
                        className="grid gap-2 border-rule border-b py-2 lg:grid-cols-[220px_minmax(0,1fr)] lg:items-center"
                    >
                        <p className="font-bold leading-tight">{label}</p>
                        <fieldset className="flex flex-wrap gap-2" aria-label={label}>
                            {[true, false].map((is) => (
                                <button
                                    key={String(is)}
                                    type="button"
                                    className="key px-3"
                                    data-switch={`${name}: ${is ? 'on' : 'off'}`}
                                    aria-pressed={value === is}
                                    data-on={value === is}
                                    disabled={disabled}
                                    onClick={() => value !== is && void send('condition', { name, value: is })}
                                >
                                    {is ? on : off}
                                </button>
                            ))}
                        </fieldset>
                    </div>
                ))}
        </section>
    );
}

type Pattern = 'all the time' | 'now and then' | 'not known';

const PATTERNS: readonly (readonly [Pattern, string])[] = [
    ['all the time', 'all the time'],
    ['now and then', 'now and then'],
    ['not known', 'not known'],
];

function Complaint({ trace, disabled, send }: { trace: Trace; disabled: boolean; send: Send }) {
    const taken = counting(trace, 'complaint').at(-1);
    const [words, setWords] = useState(trace.call.complaint);
    const [since, setSince] = useState('');
    const [pattern, setPattern] = useState<Pattern>('not known');
    if (taken !== undefined) {
        return (
            <section aria-label="Complaint" className="border-rule border-b pb-3">
                <h3 className="heading">In the customer's words</h3>
                <p className="text-lg leading-snug">“{String(taken.data.words)}”</p>
                <p className="text-quiet">
                    {[taken.data.since === '' ? null : `since ${taken.data.since}`, taken.data.pattern]
                        .filter(Boolean)
                        .join(', ')}
                </p>
            </section>
        );
    }
    return (
        <form
            aria-label="Complaint"
            className="grid gap-2 border-rule border-b pb-4"
            onSubmit={(e) => {
                e.preventDefault();
                void send('complaint', { words, since, pattern });
            }}
        >
            <label className="grid gap-1">
                <span className="heading">In the customer's words</span>
                <textarea
                    className="field py-2 leading-snug"
                    rows={2}
                    name="complaint"
                    value={words}
                    onChange={(e) => setWords(e.target.value)}
                />
            </label>
            <div className="grid gap-2 lg:grid-cols-2 lg:items-end">
                <label className="grid gap-1">
                    Since when, if they know
                    <input className="field" name="since" value={since} onChange={(e) => setSince(e.target.value)} />
                </label>
                <OneOf label="How often" choices={PATTERNS} value={pattern} set={setPattern} />
            </div>
            <button type="submit" className="key" data-strong="true" disabled={disabled || words.trim() === ''}>
                Keep the complaint
            </button>
        </form>
    );
}

/** Cycling the power clears codes: said where there are any, until every lamp is written down. */
function Codes({ trace }: { trace: Trace }) {
    const lamps = trace.rung.find((c) => c.contact === 'seen')?.open.filter((order) => order.includes('lamp')) ?? [];
    return lamps.length === 0 ? null : (
        <p className="m-5 mb-0 border-2 border-ink border-l-8 p-4 leading-snug">
            <strong>Write the flashes down before you cut the power.</strong> Cycling it clears the code and the lockout.
        </p>
    );
}

function History({ trace, disabled, send }: { trace: Trace; disabled: boolean; send: Send }) {
    const isRead = counting(trace, 'history-read').length > 0;
    const { date } = useShopTime();
    return (
        <section aria-label="Has been here" className="px-5 pt-5">
            <h2 className="heading">Has been here</h2>
            {trace.past.length === 0 && <p className="py-2">Nobody, as far as this shop knows.</p>}
            <ul>
                {trace.past.map((visit) => (
                    <li key={visit.id} className="border-rule border-b py-2 leading-snug" data-past={visit.id}>
                        <strong>{date(visit.at)}</strong> · {visit.technician}
                        <br />
                        {visit.complaint} {visit.finding !== null && <strong>{visit.finding}.</strong>} {visit.done.join(' ')}
                        {visit.good.length > 0 && ` Judged good: ${visit.good.join(', ')}.`}
                        <Guarantee visit={visit} />
                    </li>
                ))}
            </ul>
            {!isRead && (
                <button
                    type="button"
                    className="key mt-3 w-full"
                    disabled={disabled}
                    onClick={() => void send('history-read', { visits: trace.past.length })}
                >
                    I have read it
                </button>
            )}
        </section>
    );
}

const CLAIMS: Record<NonNullable<Trace['past'][number]['claim']>, string> = {
    'worked on': 'What is found now is of the same parts.',
    'judged good': 'What is found now was judged good then.',
    'another matter': 'What is found now is another matter: not part of what was done then.',
};

/** Whether the shop still stands by what it did, and whether what is found now is that at all. */
function Guarantee({ visit }: { visit: Trace['past'][number] }) {
    const { dayOf } = useShopTime();
    if (visit.guaranteed_to === null || !visit.holds) {
        return visit.guaranteed_to === null ? null : <p className="text-quiet">Guarantee was to {dayOf(visit.guaranteed_to)}.</p>;
    }
    return (
        <p>
            <span className="bg-live px-1 font-bold text-live-ink">Guarantee to {dayOf(visit.guaranteed_to)}</span>
            {visit.claim !== null && ` ${CLAIMS[visit.claim]}`}
        </p>
    );
}
