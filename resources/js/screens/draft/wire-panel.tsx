import type { Draft, Making, Wire } from '../../api/shapes';
import { type Edits, word } from '../../api/use-edits';
import { Swatch } from '../../ui/colour';
import { EditField, PickField } from './fields';
import { pointsOf } from './kinds';
import { NewPart } from './new-part';
import { PanelHead } from './panel-head';

interface Props {
    wire: Wire;
    draft: Draft;
    making: Making;
    edits: Edits;
    choose: (id: string | null) => void;
}

const GAUGES = [18, 16, 14, 12, 10, 8, 6, 4].map((g): [string, string] => [String(g), `${g} AWG`]);

/** The wire that is chosen: its colour and its ends, and what is put into it. */
export function WirePanel({ wire, draft, making, edits, choose }: Props) {
    const points = pointsOf(draft).map((p): [string, string] => [p, p]);
    const wrong = draft.wrong.filter((w) => w.on === wire.id);
    return (
        <div className="grid gap-4 p-4">
            <PanelHead
                title={
                    <>
                        <Swatch colour={wire.colour} />
                        {wire.colour} wire{' '}
                        <span className="block font-mono text-base">
                            {wire.from} – {wire.to}
                        </span>
                    </>
                }
                wrong={wrong}
                letGo={() => choose(null)}
            />
            <section className="grid gap-2" aria-label="In series">
                <h3 className="heading">Put a part in series here</h3>
                <NewPart
                    draft={draft}
                    making={making}
                    first="pressure-switch"
                    verb="Put it in series"
                    put={(said) => edits.edit(`insert ${wire.id} ${said}`)}
                    done={choose}
                />
            </section>
            <section className="grid gap-2" aria-label="The wire itself">
                <h3 className="heading">The wire itself</h3>
                <EditField
                    label="Colour"
                    name="colour"
                    value={wire.colour}
                    keep={(colour) => edits.edit(`colour ${wire.id} ${word(colour)}`)}
                />
                <PickField
                    label="Gauge"
                    name="gauge"
                    value={String(wire.gauge)}
                    choices={GAUGES}
                    keep={(g) => void edits.edit(`gauge ${wire.id} ${g}`)}
                />
                <EditField
                    label="Cable or loom it lies in"
                    name="loom"
                    value={wire.bundle}
                    keep={(loom) => edits.edit(`loom ${wire.id} ${word(loom)}`)}
                />
                {([wire.from, wire.to] as const).map((end, n) => (
                    <PickField
                        key={n === 0 ? 'from' : 'to'}
                        label={n === 0 ? 'From' : 'To'}
                        name={n === 0 ? 'end-from' : 'end-to'}
                        value={end}
                        choices={points}
                        keep={(p) => void edits.edit(`reland ${wire.id} ${end} ${p}`)}
                    />
                ))}
                <button
                    type="button"
                    className="key justify-self-start"
                    onClick={async () => {
                        if (await edits.edit(`cut ${wire.id}`)) {
                            choose(null);
                        }
                    }}
                >
                    Take the wire out
                </button>
            </section>
        </div>
    );
}
