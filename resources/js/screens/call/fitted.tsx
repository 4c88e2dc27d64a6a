import { useState } from 'react';
import { useSwap } from '../../api/queries';
import type { Part, Swap } from '../../api/shapes';
import { Problem } from '../../ui/problem';
import { VerdictMark } from '../../ui/verdict-mark';
import { DeadFirst } from './dead-first';
import { type FormProps, PartField, targets } from './part-field';

/** What is typed of a new part, by what must match. */
type Is = Record<string, string>;

const NOTHING: Is = {};

/** A new part against the plate of the one that was there: what must match, what is on the truck, and what comes of another. */
export function Fitted(props: FormProps) {
    const [part, setPart] = useState(targets(props.trace, props.sheet)[0]?.id ?? '');
    const found = props.sheet.parts.find((p) => p.id === part);
    return (
        <div className="grid gap-3">
            <PartField {...props} value={part} set={setPart} />
            {found !== undefined && <Against key={part} {...props} part={found} />}
        </div>
    );
}

function Against(props: FormProps & { part: Part }) {
    const { part, trace, send } = props;
    const [is, setIs] = useState<Is>({});
    const [fitted, setFitted] = useState('');
    const [serial, setSerial] = useState('');
    const [truck, setTruck] = useState<number>();
    const stamp = trace.events.length;
    const asked = useSwap(trace.call.id, part.id, NOTHING, stamp);
    const filled = typed(is, asked.data?.rows ?? []);
    const swap = useSwap(trace.call.id, part.id, filled, stamp);
    const dead = trace.standing.proved_dead;
    if (swap.isError) {
        return <Problem error={swap.error} retry={() => void swap.refetch()} />;
    }
    return (
        <form
            aria-label="A new part fitted"
            className="grid gap-4"
            onSubmit={(e) => {
                e.preventDefault();
                void send('replaced', {
                    part: part.id,
                    fitted,
                    serial,
                    is: filled,
                    ...(truck === undefined ? {} : { truck }),
                }).then((sent) => {
                    if (sent) {
                        setIs({});
                        setFitted('');
                        setSerial('');
                        setTruck(undefined);
                    }
                });
            }}
        >
            {swap.data !== undefined && (
                <>
                    <OnTruck
                        swap={swap.data}
                        take={(one) => {
                            setFitted(one.label);
                            setIs(one.is);
                            setTruck(one.id);
                        }}
                    />
                    <MustMatch swap={swap.data} part={part} is={is} set={setIs} />
                    <Comes swap={swap.data} />
                </>
            )}
            <div className="grid gap-3 sm:grid-cols-2">
                <label className="grid gap-1">
                    What is fitted, as its label has it
                    <input
                        className="field"
                        name="fitted"
                        value={fitted}
                        onChange={(e) => {
                            setFitted(e.target.value);
                            setTruck(undefined);
                        }}
                    />
                </label>
                <label className="grid gap-1">
                    Its serial number, if it has one
                    <input className="field" name="serial" value={serial} onChange={(e) => setSerial(e.target.value)} />
                </label>
            </div>
            <DeadFirst {...props} words="Parts are fitted on a dead circuit only. Capacitors hold charge." />
            <button
                type="submit"
                className="key"
                data-strong="true"
                disabled={props.disabled || !dead || typeof swap.data?.problem === 'string'}
            >
                It is fitted
            </button>
        </form>
    );
}

/** What the truck carries of its sort, the best match first. */
function OnTruck({ swap, take }: { swap: Swap; take: (one: Swap['truck'][number]) => void }) {
    if (swap.rows.length === 0) {
        return null;
    }
    return (
        <section aria-label="On your truck">
            <h3 className="heading">On your truck</h3>
            {swap.rather !== '' && <p className="border-ink border-l-8 py-1 pl-3">{swap.rather}</p>}
            {swap.truck.length === 0 && <p className="py-2">Nothing of this sort.</p>}
            <ul>
                {swap.truck.map((one) => (
                    <li
                        key={one.id}
                        className="flex items-center justify-between gap-3 border-rule border-b py-2"
                        data-truck={one.id}
                    >
                        <div className="min-w-0 leading-snug">
                            <p className="font-bold">
                                {one.label} <span className="font-normal text-quiet">× {one.count}</span>
                            </p>
                            <VerdictMark verdict={one.judged.verdict}>
                                {one.judged.differs.length === 0 ? one.judged.headline : one.judged.differs.join(' ')}
                            </VerdictMark>
                        </div>
                        <button type="button" className="key shrink-0" onClick={() => take(one)}>
                            This one
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** One row a thing that must match: what the plate asks for, and what the new one has. */
function MustMatch({ swap, part, is, set }: { swap: Swap; part: Part; is: Is; set: (is: Is) => void }) {
    if (swap.rows.length === 0) {
        return (
            <section aria-label="What must match">
                <h3 className="heading">What must match</h3>
                <p className="py-1">
                    The maker's number of this {part.label.toLowerCase()} decides, and its own plate:{' '}
                    {part.plate.map((v) => `${v.meaning} ${v.value} ${v.unit}`.trim()).join(', ') ||
                        'nothing is known of it here'}
                    .
                </p>
            </section>
        );
    }
    return (
        <section aria-label="What must match">
            <div className="grid grid-cols-[minmax(0,1fr)_6.5rem_8.5rem] gap-x-3">
                <h3 className="heading max-sm:col-span-3">What must match, from the plate</h3>
                <span className="self-end text-quiet text-sm max-sm:col-start-2">was</span>
                <span className="self-end text-quiet text-sm">the new one</span>
            </div>
            <ul>
                {swap.rows.map((row) => (
                    <li
                        key={row.name}
                        className="grid grid-cols-[minmax(0,1fr)_6.5rem_8.5rem] items-center gap-x-3 border-rule border-b py-1"
                    >
                        <span className="leading-tight first-letter:uppercase">{row.label}</span>
                        <span className="font-mono tabular-nums">{row.was === '' ? '–' : row.was}</span>
                        <NewOne row={row} value={is[row.name] ?? ''} set={(text) => set({ ...is, [row.name]: text })} />
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** What is typed of the new one: a bare number is in the unit that the field has. */
function typed(is: Is, rows: Swap['rows']): Is {
    const filled = Object.entries(is).filter(([, text]) => text.trim() !== '');
    return Object.fromEntries(
        filled.map(([name, text]) => {
            const unit = rows.find((row) => row.name === name)?.units[0];
            return [name, unit !== undefined && /^[\d.,\s]+$/.test(text) ? `${text.trim()} ${unit}` : text];
        }),
    );
}

function NewOne({ row, value, set }: { row: Swap['rows'][number]; value: string; set: (text: string) => void }) {
    const label = `${row.label}, of the new one`;
    return row.choices.length > 0 ? (
        <select
            className="field px-1"
            aria-label={label}
            name={`is-${row.name}`}
            value={value}
            onChange={(e) => set(e.target.value)}
        >
            {row.choices.map((choice, n) => (
                <option key={choice} value={n === 0 ? '' : choice}>
                    {choice}
                </option>
            ))}
        </select>
    ) : (
        <input
            className="field font-mono"
            aria-label={label}
            name={`is-${row.name}`}
            inputMode="decimal"
            autoComplete="off"
            placeholder={row.units[0]}
            value={value}
            onChange={(e) => set(e.target.value)}
        />
    );
}

/** What comes of the one that is typed: the choice is left to the hand. */
function Comes({ swap }: { swap: Swap }) {
    if (swap.problem !== null) {
        return (
            <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                {swap.problem}
            </p>
        );
    }
    return swap.judged === null ? null : (
        <section aria-label="How it matches" role="status" className="grid gap-1">
            <VerdictMark verdict={swap.judged.verdict}>{swap.judged.headline}</VerdictMark>
            {swap.judged.differs.length > 1 && (
                <ul className="list-disc pl-6">
                    {swap.judged.differs.slice(1).map((words) => (
                        <li key={words}>{words}</li>
                    ))}
                </ul>
            )}
            <p>{swap.judged.next}</p>
            <p className="text-quiet">{swap.caution}</p>
        </section>
    );
}
