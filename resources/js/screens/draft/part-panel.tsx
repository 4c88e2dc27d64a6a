import { useState } from 'react';
import type { Draft, DraftPart, Making } from '../../api/shapes';
import { type Edits, word } from '../../api/use-edits';
import { Swatch } from '../../ui/colour';
import { BoardPanel } from './board-panel';
import { EditField, PickField } from './fields';
import { kindChoices, kindOf, pointsOf, wiresOf } from './kinds';
import { NewPart } from './new-part';
import { PanelHead } from './panel-head';

interface Props {
    part: DraftPart;
    draft: Draft;
    making: Making;
    edits: Edits;
    choose: (id: string | null) => void;
}

/** The part that is chosen, as its label has it. */
export function PartPanel(props: Props) {
    const { part, draft, making, edits, choose } = props;
    const kind = kindOf(making, part.kind);
    const wrong = draft.wrong.filter((w) => w.on === part.id);
    const wires = wiresOf(draft).filter((w) => [w.from, w.to].some((p) => p.slice(0, p.lastIndexOf('.')) === part.id));
    const board = draft.boards.find((b) => b.part === part.id);
    return (
        <div className="grid gap-4 p-4">
            <PanelHead
                title={
                    <>
                        {part.label} <span className="font-mono">{part.id}</span>
                    </>
                }
                wrong={wrong}
                letGo={() => choose(null)}
            />
            <div className="grid gap-2">
                <EditField
                    label="Letters on the label"
                    name="letters"
                    value={part.id}
                    keep={async (name) => {
                        const done = await edits.edit(`rename ${part.id} ${word(name.toUpperCase())}`);
                        if (done) {
                            choose(name.toUpperCase());
                        }
                        return done;
                    }}
                />
                <EditField
                    label="In words"
                    wide
                    name="words"
                    value={part.label}
                    keep={(label) => edits.edit(`label ${part.id} ${word(label)}`)}
                />
                <PickField
                    label="What it is"
                    name="kind"
                    value={part.kind}
                    choices={kindChoices(making)}
                    keep={(to) => void edits.edit(`kind ${part.id} ${to}`)}
                />
                <PickField
                    label="Where it sits"
                    name="place"
                    value={part.place}
                    choices={draft.places.map((p) => [p.id, `${p.label}, ${p.minutes} min`])}
                    keep={(to) => void edits.edit(`sit ${part.id} ${to}`)}
                />
            </div>
            {kind !== undefined && kind.fields.length > 0 && (
                <section className="grid gap-2" aria-label="Plate">
                    <h3 className="heading">Plate</h3>
                    {kind.fields.map((field) => (
                        <EditField
                            key={field.name}
                            label={field.meaning}
                            hint={field.choices.length > 0 ? field.choices.join(', ') : ''}
                            name={`plate-${field.name}`}
                            unit={field.unit}
                            wide={field.type !== 'number' && field.type !== 'choice'}
                            value={part.plate[field.name] ?? field.usual}
                            keep={(value) => edits.edit(`plate ${part.id} ${field.name} ${word(value)}`)}
                        />
                    ))}
                </section>
            )}
            {part.terminals.length > 0 && <Terminals part={part} edits={edits} />}
            {board !== undefined && <BoardPanel board={board} edits={edits} />}
            <section aria-label="Its wires">
                <h3 className="heading">Its wires</h3>
                <ul>
                    {wires.map((w) => (
                        <li key={w.id}>
                            <button
                                type="button"
                                className="flex min-h-[44px] w-full items-center border-rule border-b text-left"
                                onClick={() => choose(w.id)}
                            >
                                <Swatch colour={w.colour} />
                                {w.colour}
                                <span className="ml-2 font-mono">
                                    {w.from} – {w.to}
                                </span>
                            </button>
                        </li>
                    ))}
                </ul>
            </section>
            <Acts {...props} />
        </div>
    );
}

/** Terminals by the letters of the label; where the unit decides which there are, one more, one less. */
function Terminals({ part, edits }: { part: DraftPart; edits: Edits }) {
    return (
        <section className="grid gap-2" aria-label="Terminals">
            <h3 className="heading">Terminals</h3>
            {part.terminals.map((t) => (
                <div key={t} className={part.decides ? 'grid grid-cols-[1fr_auto] gap-2' : 'grid'}>
                    <EditField
                        label={`Terminal ${t}`}
                        name={`terminal-${t}`}
                        value={t}
                        keep={(name) => edits.edit(`terminal ${part.id} ${t} ${word(name.toUpperCase())}`)}
                    />
                    {part.decides && (
                        <button
                            type="button"
                            className="key"
                            aria-label={`No terminal ${t}`}
                            onClick={() => void edits.edit(`unpin ${part.id} ${t}`)}
                        >
                            ✕
                        </button>
                    )}
                </div>
            ))}
            {part.decides && (
                <EditField
                    label="One more"
                    name="terminal-new"
                    value=""
                    keep={(name) => edits.edit(`pin ${part.id} ${word(name.toUpperCase())}`)}
                />
            )}
        </section>
    );
}

type Act = 'move' | 'branch' | 'wire' | null;

function Acts({ part, draft, making, edits, choose }: Props) {
    const [act, setAct] = useState<Act>(null);
    const [ends, setEnds] = useState<[string, string]>(['', '']);
    const points = pointsOf(draft);
    const own = points.filter((p) => p.slice(0, p.lastIndexOf('.')) === part.id);
    const [a, b] = [ends[0] || (own[0] ?? ''), ends[1] || (own[1] ?? '')];
    const choices = points.map((p): [string, string] => [p, p]);
    return (
        <section className="grid gap-3" aria-label="What is done with it">
            <h3 className="heading">What is done with it</h3>
            <div className="flex flex-wrap gap-2">
                <button
                    type="button"
                    className="key"
                    onClick={async () => {
                        if (await edits.edit(`remove ${part.id}`)) {
                            choose(null);
                        }
                    }}
                >
                    Take it out
                </button>
                {(
                    [
                        ['move', 'Move it'],
                        ['branch', 'One in parallel'],
                        ['wire', 'A wire from it'],
                    ] as const
                ).map(([is, words]) => (
                    <button
                        key={is}
                        type="button"
                        className="key"
                        data-on={act === is}
                        onClick={() => setAct(act === is ? null : is)}
                    >
                        {words}
                    </button>
                ))}
            </div>
            {act === 'move' && (
                <PickField
                    label="Into which wire"
                    name="move-into"
                    value=""
                    choices={wiresOf(draft).map((w) => [w.id, `${w.colour}: ${w.from} – ${w.to}`])}
                    keep={(wire) => void edits.edit(`move ${part.id} ${wire}`)}
                />
            )}
            {(act === 'branch' || act === 'wire') && (
                <div className="grid grid-cols-2 gap-2">
                    <PickField label="From" name="from" value={a} choices={choices} keep={(p) => setEnds([p, b])} />
                    <PickField label="To" name="to" value={b} choices={choices} keep={(p) => setEnds([a, p])} />
                </div>
            )}
            {act === 'branch' && (
                <NewPart
                    draft={draft}
                    making={making}
                    first="resistor"
                    verb="Put it in"
                    put={(said) => edits.edit(`branch ${a} ${b} ${said}`)}
                    done={choose}
                />
            )}
            {act === 'wire' && (
                <EditField
                    label="Its colour"
                    name="wire-colour"
                    value=""
                    keep={(colour) => edits.edit(`wire ${a} ${b} ${word(colour)}`)}
                />
            )}
        </section>
    );
}
