import type { CircuitSheet, Part, Trace } from '../../api/shapes';
import { WiresFrom, wiresAt } from '../../diagram/wiring';
import { some } from './some';

interface Props {
    part: Part;
    sheet: CircuitSheet;
    trace: Trace;
    /** a lead on one of its terminals */
    put: (point: string) => void;
}

/** What a part is: plate, place, what is on each terminal, where it is drawn, what may still be wrong with it. */
export function PartView({ part, sheet, trace, put }: Props) {
    const share = trace.suspects.parts.find((p) => p.target === part.id);
    const isProved = trace.proved.includes(part.id);
    const rungs = sheet.rungs.filter((r) => r.drawing.symbols.some((s) => s.part === part.id)).map((r) => r.number);
    return (
        <section aria-label="Part" className="px-5 pt-3 pb-2" data-part-view={part.id}>
            <h2 className="heading">
                {part.id} · {part.place}
            </h2>
            <p className="mt-1 font-bold text-2xl">{part.label}</p>
            <p className={isProved ? 'text-good' : share === undefined ? '' : 'text-odd'}>
                {isProved
                    ? '✓ Proved by a good reading.'
                    : share === undefined
                      ? 'Nothing points at it.'
                      : `In doubt, ${share.likely}: ${some(share.faults)}.`}
            </p>
            {part.plate.length > 0 && (
                <p className="text-quiet text-sm">
                    {part.plate.map((v) => `${v.meaning} ${v.value}${v.unit === '' ? '' : ` ${v.unit}`}`).join(' · ')}
                </p>
            )}
            <ul className="mt-1" aria-label="Terminals">
                {part.points.map((point) => (
                    <li key={point}>
                        <button
                            type="button"
                            className="grid min-h-[44px] w-full grid-cols-[6rem_1fr] items-center border-rule border-b text-left"
                            onClick={() => put(point)}
                        >
                            <span className="font-bold font-mono">{point}</span>
                            <span className="text-sm">
                                <WiresFrom point={point} wires={wiresAt(sheet, point)} />
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
            <p className="pt-1 text-quiet text-sm">
                Drawn on {rungs.length === 1 ? 'rung' : 'rungs'} {rungs.join(', ')}. Tap a terminal: a lead goes there.
            </p>
        </section>
    );
}
