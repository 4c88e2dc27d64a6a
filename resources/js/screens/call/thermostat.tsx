import { useState } from 'react';
import { useSession } from '../../api/queries';
import type { Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { OneOf } from '../../ui/one-of';
import { counting } from './events';

const MODES = ['cool', 'heat', 'auto', 'emergency heat', 'fan only', 'off', 'blank'] as const;

const SEATED = ['on its base', 'loose', 'not looked'] as const;

const same = <T extends string>(all: readonly T[]): readonly (readonly [T, T])[] => all.map((one) => [one, one] as const);

interface Props {
    trace: Trace;
    disabled: boolean;
    send: Send;
}

/** What is set, what it shows, how it sits: and what that says before any cover comes off. */
export function Thermostat({ trace, disabled, send }: Props) {
    // a bare number is in the degrees that one reads in
    const unit = useSession().data?.units.temperature ?? '°F';
    const withDegrees = (text: string) => (/^[\d.,\s]+$/.test(text) ? `${text.trim()} ${unit}` : text.trim());
    const last = counting(trace, 'thermostat').at(-1)?.data;
    const [mode, setMode] = useState<(typeof MODES)[number] | null>(null);
    const [set, setSet] = useState('');
    const [shows, setShows] = useState('');
    const [seated, setSeated] = useState<(typeof SEATED)[number]>('not looked');
    const degrees = (label: string, name: string, value: string, change: (text: string) => void) => (
        <label className="grid gap-1">
            {label}
            <input
                className="field font-mono"
                name={name}
                inputMode="decimal"
                autoComplete="off"
                placeholder={unit}
                value={value}
                onChange={(e) => change(e.target.value)}
            />
        </label>
    );
    return (
        <form
            aria-label="At the thermostat"
            className="mt-4 grid gap-2"
            onSubmit={(e) => {
                e.preventDefault();
                void send('thermostat', { mode, set: withDegrees(set), shows: withDegrees(shows), seated, words: '' }).then(
                    (sent) => sent && setMode(null),
                );
            }}
        >
            <h3 className="heading">At the thermostat{trace.call.unit.thermostat !== '' && `: ${trace.call.unit.thermostat}`}</h3>
            {last !== undefined && (
                <p>
                    {[last.mode, last.set === '' ? null : `set to ${last.set}`, last.shows === '' ? null : `shows ${last.shows}`]
                        .filter(Boolean)
                        .join(', ')}
                    {last.seated !== 'not looked' && `, ${last.seated}`}
                </p>
            )}
            {trace.thermostat.map((words) => (
                <p key={words} role="status" className="font-bold text-odd">
                    ! {words}
                </p>
            ))}
            <OneOf label="What it is set to" choices={same(MODES)} value={mode} set={setMode} />
            <div className="grid grid-cols-2 gap-3">
                {degrees('Set point', 'set', set, setSet)}
                {degrees('What it shows', 'shows', shows, setShows)}
            </div>
            <OneOf label="How it sits" choices={same(SEATED)} value={seated} set={setSeated} />
            <button type="submit" className="key" disabled={disabled || mode === null}>
                Keep it
            </button>
        </form>
    );
}
