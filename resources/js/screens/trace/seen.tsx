import { useState } from 'react';
import type { Part, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { Choices } from './choices';
import { Watched } from './watched';

/** When it was seen, where that is not simply now. */
export type SeenMoment = 'at once' | 'as it starts' | 'comes and goes' | typeof MINUTES;

/** Seconds after power and call came on that "some minutes" stand for. */
const MINUTES = 300;

const MOMENTS: [SeenMoment | undefined, string][] = [
    [undefined, 'as it stands'],
    ['at once', 'at once'],
    ['as it starts', 'as it starts'],
    [MINUTES, 'after some minutes'],
    ['comes and goes', 'comes and goes'],
];

/** How soon it opened, seconds. */
const SOON: Record<string, number> = { 'at once': 0, 'within a minute': 30, 'after minutes': MINUTES };

interface Props {
    part: Part;
    standing: Trace['standing'];
    disabled: boolean;
    pick: (seen: string, moment?: SeenMoment) => void;
    felt: (felt: string) => void;
    send: Send;
    cancel: () => void;
}

/** One part: what eyes and ears report of it, what hands and nose find, what is done to it. */
export function Seen({ part, standing, disabled, pick, felt, send, cancel }: Props) {
    const [moment, setMoment] = useState<SeenMoment | undefined>(undefined);
    const awhile = moment === 'as it starts' || moment === 'comes and goes';
    const isOut = standing.removed.includes(part.id);
    return (
        <section aria-label="What is seen" className="border-ink border-b-2 px-5 pt-4 pb-4">
            {part.observables.length > 0 && (
                <>
                    <h2 className="heading">Eyes and ears</h2>
                    <fieldset className="my-2 grid grid-cols-2 gap-2" aria-label="When">
                        {MOMENTS.map(([value, words]) => (
                            <button
                                key={words}
                                type="button"
                                className="key px-2"
                                aria-pressed={moment === value}
                                data-strong={moment === value}
                                onClick={() => setMoment(value)}
                            >
                                {words}
                            </button>
                        ))}
                    </fieldset>
                    {awhile ? (
                        <Watched choices={part.observables} disabled={disabled} keep={(seen) => pick(seen, moment)} />
                    ) : (
                        <Choices choices={part.observables} disabled={disabled} pick={(choice) => pick(choice, moment)} />
                    )}
                </>
            )}
            {part.trips && (
                <section className="mt-4" aria-label="How soon it opened">
                    <h2 className="heading">Put in, it opened again</h2>
                    <Choices
                        choices={Object.keys(SOON)}
                        disabled={disabled}
                        pick={(how) => void send('tripped', { part: part.id, after: SOON[how] })}
                    />
                </section>
            )}
            <section className="mt-4" aria-label="Hands and nose">
                <h2 className="heading">Hands and nose</h2>
                <p className="text-sm">What turns, or is fed: power locked out before a hand goes in.</p>
                <Watched choices={part.signs} disabled={disabled} keep={felt} legend="All that is found" />
            </section>
            <section className="mt-4" aria-label="Done to it">
                <h2 className="heading">Done to it</h2>
                {!standing.proved_dead && <p className="text-sm">On a dead circuit only: prove it dead first.</p>}
                <div className="mt-2 flex gap-2">
                    <button
                        type="button"
                        className="key flex-1"
                        disabled={disabled || !standing.proved_dead}
                        onClick={() => void send('pulled', { part: part.id, out: !isOut })}
                    >
                        {isOut ? 'Put back' : 'Pulled, unplugged'}
                    </button>
                    <button
                        type="button"
                        className="key flex-1"
                        disabled={disabled || !standing.proved_dead}
                        onClick={() => void send('replaced', { part: part.id })}
                    >
                        New one fitted
                    </button>
                </div>
            </section>
            <button type="button" className="mt-2 min-h-[44px] underline underline-offset-4" onClick={cancel}>
                Back to the next test
            </button>
        </section>
    );
}
