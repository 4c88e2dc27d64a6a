import { useState } from 'react';
import { OneOf } from '../../ui/one-of';
import { eventWords } from '../trace/event-words';
import type { AtStop } from './call-screen';
import { ago, counting } from './events';
import { Fitted } from './fitted';
import { type FormProps, PartField } from './part-field';
import { Photos } from './photos';
import { StillOpen } from './still-open';
import { StopPage } from './stop-page';
import { SwapListForm } from './swap-list';

type What = 'leads' | 'fitted' | 'worked' | 'left';

const WHAT: readonly [What, string][] = [
    ['leads', 'Swap list, wire for wire'],
    ['fitted', 'A new part fitted'],
    ['worked', 'Work that is no part'],
    ['left', 'It cannot be put right now'],
];

/** What is done about what was found, and everything that this visit opened and has to put back. */
export function Repair({ trace, sheet, outbox, disabled }: AtStop) {
    const [what, setWhat] = useState<What>('fitted');
    const { send } = outbox;
    const done = counting(trace, 'replaced', 'swapped', 'worked', 'left');
    const form: FormProps = { trace, sheet, disabled, problem: outbox.refusal, send };
    return (
        <StopPage
            title="Repair, and put back"
            hint="swap wire for wire, one at a time"
            side={
                <>
                    <PutBack trace={trace} disabled={disabled} send={send} />
                    <StillOpen trace={trace} stop="repair" disabled={outbox.busy} send={send} />
                </>
            }
        >
            <p className="mb-3 text-lg leading-snug">
                {trace.call.finding === null ? 'Nothing is found yet.' : <strong>{trace.call.finding}</strong>}
            </p>
            {done.length > 0 && (
                <section aria-label="Done" className="mb-4">
                    <h3 className="heading">Done</h3>
                    <ul>
                        {done.map((e) => (
                            <li key={e.id} className="border-rule border-b py-2 leading-snug">
                                {eventWords(e, trace, sheet)}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            <div className="mb-3">
                <OneOf label="What was done" choices={WHAT} value={what} set={setWhat} />
            </div>
            {what === 'leads' && <SwapListForm {...form} />}
            {what === 'fitted' && <Fitted {...form} />}
            {what === 'worked' && <Worked {...form} />}
            {what === 'left' && <Left {...form} />}
            <Photos {...form} />
        </StopPage>
    );
}

function Worked(props: FormProps) {
    const empty = { target: '', words: '', before: '', after: '' };
    const [work, setWork] = useState(empty);
    const field = (name: 'words' | 'before' | 'after', label: string) => (
        <label className="grid gap-1">
            {label}
            <input
                className="field"
                name={name}
                value={work[name]}
                onChange={(e) => setWork({ ...work, [name]: e.target.value })}
            />
        </label>
    );
    return (
        <form
            aria-label="Work that is no part"
            className="grid gap-3"
            onSubmit={(e) => {
                e.preventDefault();
                void props.send('worked', work).then((sent) => sent && setWork(empty));
            }}
        >
            <PartField
                {...props}
                value={work.target}
                set={(target) => setWork({ ...work, target })}
                none="none of the drawing's"
            />
            {field('words', 'What was done: coil washed, splice remade, wire tied off its edge')}
            <div className="grid grid-cols-2 gap-3">
                {field('before', 'Before, if it was measured')}
                {field('after', 'After')}
            </div>
            <button type="submit" className="key" data-strong="true" disabled={props.disabled || work.words.trim() === ''}>
                Keep it
            </button>
        </form>
    );
}

const HOWS = [
    ['made safe', 'Temporary, made safe'],
    ['condemned', 'Condemned: off and tagged'],
    ['return', 'Someone comes back'],
] as const;

function Left(props: FormProps) {
    const [how, setHow] = useState<(typeof HOWS)[number][0]>('return');
    const [words, setWords] = useState('');
    const [mustNot, setMustNot] = useState('');
    const offered = props.trace.open_items.filter((o) => o.may_be_left);
    const [off, setOff] = useState<string[]>(offered.map((o) => o.key));
    return (
        <form
            aria-label="It cannot be put right now"
            className="grid gap-3"
            onSubmit={(e) => {
                e.preventDefault();
                void props.send('left', { how, words, must_not: mustNot, off }).then((sent) => sent && setWords(''));
            }}
        >
            <OneOf label="How it is left" choices={HOWS} value={how} set={setHow} />
            <label className="grid gap-1">
                {how === 'return' ? 'Why someone comes back, and with what' : 'How it is left, and what its tag says'}
                <input className="field" name="left" value={words} onChange={(e) => setWords(e.target.value)} />
            </label>
            <label className="grid gap-1">
                What must not be switched on meanwhile
                <input className="field" name="must_not" value={mustNot} onChange={(e) => setMustNot(e.target.value)} />
            </label>
            {offered.length > 0 && (
                <fieldset aria-label="Left off on purpose">
                    <legend className="heading">Left off on purpose</legend>
                    {offered.map(({ key, label, state }) => (
                        <label key={key} className="flex min-h-[44px] items-center gap-3">
                            <input
                                type="checkbox"
                                className="size-6"
                                checked={off.includes(key)}
                                onChange={(e) => setOff(e.target.checked ? [...off, key] : off.filter((o) => o !== key))}
                            />
                            {label}: {state}
                        </label>
                    ))}
                </fieldset>
            )}
            <p className="border-ink border-l-8 py-1 pl-3">
                Never leave a safety bypassed. Wires that are left are capped and tagged; gas is shut where a burner is left.
            </p>
            <button type="submit" className="key" data-strong="true" disabled={props.disabled || words.trim() === ''}>
                It is left so
            </button>
        </form>
    );
}

/** Every lead, jumper, plug, cover and switch that this visit opened, for how long, with the way back. */
function PutBack({ trace, disabled, send }: Pick<FormProps, 'trace' | 'disabled' | 'send'>) {
    const open = trace.open_items;
    return (
        <section aria-label="To put back" className="px-5 pt-5">
            <h2 className="heading">To put back</h2>
            {open.length === 0 && <p className="font-bold">Nothing open.</p>}
            <ul>
                {open.map((o) => (
                    <li
                        key={o.key}
                        className="flex items-center justify-between gap-3 border-rule border-b py-2"
                        data-open-item={o.key}
                    >
                        <span className="leading-tight">
                            <strong>
                                {o.label}: {o.state}
                            </strong>
                            <br />
                            <span className="text-quiet">
                                {ago(o.since)}
                                {o.left && ' · left so on purpose'}
                            </span>
                        </span>
                        <button
                            type="button"
                            className="key shrink-0"
                            disabled={disabled}
                            onClick={() => void send(o.type, o.data)}
                        >
                            {o.undo}
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
