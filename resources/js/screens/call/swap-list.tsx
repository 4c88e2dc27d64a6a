import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useSwapList } from '../../api/queries';
import type { SwapLead } from '../../api/shapes';
import { Swatch } from '../../ui/colour';
import { Problem } from '../../ui/problem';
import { useKept } from '../../ui/use-kept';
import { AloneView } from '../trace/alone-view';
import { useAlone } from '../trace/use-alone';
import { DeadFirst } from './dead-first';
import { counting } from './events';
import { type FormProps, PartField, targets } from './part-field';
import { stopPath } from './stops';

type Letters = Record<string, string>;

const NONE: Letters = {};

/** A part swapped wire for wire: each is ticked as it is moved, and none is left over. */
export function SwapListForm(props: FormProps) {
    const { trace, sheet } = props;
    const [part, setPart] = useState(targets(trace, sheet)[0]?.id ?? '');
    return (
        <div className="grid gap-3">
            <PartField {...props} value={part} set={setPart} />
            <Leads key={part} {...props} part={part} />
        </div>
    );
}

function Leads(props: FormProps & { part: string }) {
    const { trace, part, send, disabled } = props;
    const list = useSwapList(trace.call.id, part, trace.events.length);
    const [letters, setLetters] = useKept<Letters>(`swap.${trace.call.id}.${part}`, NONE);
    const navigate = useNavigate();
    const alone = useAlone(String(trace.call.id), trace.events.length);
    const dead = trace.standing.proved_dead;
    if (list.isError) {
        return <Problem error={list.error} retry={() => void list.refetch()} />;
    }
    const leads = list.data?.leads ?? [];
    const left = leads.filter((l) => l.moved_to === null).length;
    const to = (lead: SwapLead) => letters[lead.terminal] ?? lead.terminal;
    return (
        <section aria-label="Swap list" className="grid gap-3">
            <p className="border-ink border-l-8 py-1 pl-3">
                Take a photograph first. One wire at a time: off the old part, on to the new one. Capacitors hold charge.
            </p>
            <Pictures {...props} />
            <DeadFirst {...props} words="Wires are moved on a dead circuit only." />
            <ul className="border-rule border-t">
                {leads.map((lead) => (
                    <li
                        key={`${lead.terminal} ${lead.wire}`}
                        className="grid grid-cols-[3rem_1fr_5.5rem] items-center gap-x-3 border-rule border-b py-2"
                        data-lead={lead.wire}
                        data-moved={lead.moved_to !== null}
                    >
                        <button
                            type="button"
                            className="key size-12 text-2xl"
                            aria-pressed={lead.moved_to !== null}
                            aria-label={`${lead.colour} wire off ${lead.terminal} is moved`}
                            disabled={disabled || !dead}
                            onClick={() =>
                                lead.event === null
                                    ? void send('moved', { part, wire: lead.wire, to: to(lead) })
                                    : void send('strike', { event: lead.event, reason: 'not moved yet after all' })
                            }
                        >
                            {lead.moved_to === null ? '' : '✓'}
                        </button>
                        <span className="leading-tight">
                            <strong className="font-mono text-lg">{lead.terminal}</strong> <Swatch colour={lead.colour} />
                            {lead.colour}
                            <span className="block text-quiet">
                                {lead.gauge} AWG, comes from <span className="font-mono">{lead.far}</span>
                            </span>
                        </span>
                        <label className="grid text-sm">
                            on to
                            <input
                                className="field font-mono"
                                name={`to-${lead.wire}`}
                                disabled={lead.moved_to !== null}
                                value={lead.moved_to ?? to(lead)}
                                onChange={(e) => setLetters({ ...letters, [lead.terminal]: e.target.value })}
                            />
                        </label>
                    </li>
                ))}
            </ul>
            {props.problem !== null && (
                <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                    {props.problem}
                </p>
            )}
            <div className="flex flex-wrap items-center gap-3">
                <button
                    type="button"
                    className="key"
                    data-strong="true"
                    disabled={disabled || list.data?.is_done === true}
                    onClick={() => void send('swapped', { part })}
                >
                    {list.data?.is_done === true
                        ? 'Swapped'
                        : left === 0
                          ? 'Every wire is on the new one'
                          : `Done? ${left} left over`}
                </button>
                <a
                    className="key"
                    href={`/api/calls/${trace.call.id}/leads/${encodeURIComponent(part)}.pdf`}
                    target="_blank"
                    rel="noreferrer"
                >
                    On paper
                </a>
            </div>
            {list.data?.is_done === true && (
                <section aria-label="Readings that prove it" className="-mx-5">
                    <AloneView target={part} alone={alone} take={() => void navigate(stopPath(trace.call.id, 'trace'))} />
                    <p className="px-5 pt-2">
                        Then the whole unit:{' '}
                        <Link className="underline" to={stopPath(trace.call.id, 'verify')}>
                            verify it
                        </Link>
                    </p>
                </section>
            )}
        </section>
    );
}

/** What was photographed of the part before its wires were moved. */
function Pictures({ trace, part }: FormProps & { part: string }) {
    const photos = counting(trace, 'photo').filter((e) => e.data.part === part || e.data.part === '');
    return photos.length === 0 ? null : (
        <ul className="flex gap-2 overflow-x-auto">
            {photos.map((e) => (
                <li key={e.id} className="w-44 flex-none">
                    <a href={`/api/photos/${e.data.photo}.jpg`} target="_blank" rel="noreferrer">
                        <img
                            src={`/api/photos/${e.data.photo}.jpg`}
                            alt={`${e.data.label} before`}
                            className="w-full border border-ink"
                        />
                    </a>
                </li>
            ))}
        </ul>
    );
}
