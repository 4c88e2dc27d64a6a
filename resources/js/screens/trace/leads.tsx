import type { CircuitSheet } from '../../api/shapes';
import type { Probes } from '../../diagram/probes';
import { partAt, wiresAt } from '../../diagram/wiring';
import { Swatch } from '../../ui/colour';

interface Props {
    sheet: CircuitSheet;
    probes: Probes;
    /** the one that a tap on the drawing moves */
    lead: 'red' | 'black';
    setLead: (lead: 'red' | 'black') => void;
}

/** Where the two leads go: part, terminal, colour of the wire, place. */
export function Leads({ sheet, probes, lead, setLead }: Props) {
    const places = [probes.red, probes.black].map((point) => (point === null ? undefined : partAt(sheet, point)?.place));
    return (
        <div className="grid gap-1" data-leads>
            {(['red', 'black'] as const).map((which) => (
                <Lead
                    key={which}
                    sheet={sheet}
                    which={which}
                    point={probes[which]}
                    apart={places[0] !== places[1]}
                    active={lead === which}
                    pick={() => setLead(which)}
                />
            ))}
        </div>
    );
}

interface LeadProps {
    sheet: CircuitSheet;
    which: 'red' | 'black';
    point: string | null;
    /** whether the other is in another place */
    apart: boolean;
    active: boolean;
    pick: () => void;
}

function Lead({ sheet, which, point, apart, active, pick }: LeadProps) {
    const part = point === null ? undefined : partAt(sheet, point);
    const colours = point === null ? [] : [...new Set(wiresAt(sheet, point).map((w) => w.colour))];
    return (
        <button
            type="button"
            data-lead={which}
            aria-pressed={active}
            className="grid min-h-[44px] w-full grid-cols-[40px_1fr] items-center gap-x-3 text-left leading-tight"
            onClick={pick}
        >
            <span className="sr-only">{which} lead: </span>
            <span
                aria-hidden="true"
                className={`grid size-[36px] place-items-center border-2 font-bold text-lg text-white ${
                    which === 'red' ? 'bg-probe-red' : 'bg-probe-black'
                } ${active ? 'border-live outline-3 outline-ink' : 'border-lead-edge'}`}
            >
                {which === 'red' ? 'R' : 'B'}
            </span>
            {point === null || part === undefined ? (
                <span className="text-quiet">{point ?? 'tap a point on the drawing, or find it'}</span>
            ) : (
                <span className="flex min-w-0 flex-wrap items-baseline gap-x-3">
                    <span>
                        <strong>{part.label}</strong> <span className="font-mono">{point}</span>
                    </span>
                    <span className="text-quiet text-sm">
                        {colours.map((colour) => (
                            <span key={colour} className="mr-2 whitespace-nowrap">
                                <Swatch colour={colour} />
                                {colour}
                            </span>
                        ))}
                        {apart && part.place}
                    </span>
                </span>
            )}
        </button>
    );
}
