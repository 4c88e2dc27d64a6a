import type { CircuitSheet, Part, Trace } from '../../api/shapes';
import { drawnOn } from '../../diagram/rungs';
import { WiresFrom, wiresAt } from '../../diagram/wiring';
import { some } from './some';

interface Props {
    part: Part;
    sheet: CircuitSheet;
    trace: Trace;
    /** a lead on one of its terminals */
    put: (point: string) => void;
    /** number of the rung that is shown */
    shown: number | undefined;
    /** another rung that it is on */
    show: (rung: number) => void;
}

/** What a part is: plate, place, what is on each terminal, where it is drawn, what may still be wrong with it. */
export function PartView({ part, sheet, trace, put, shown, show }: Props) {
    const share = trace.suspects.parts.find((p) => p.target === part.id);
    const isProved = trace.proved.includes(part.id);
    const places = drawnOn(sheet.rungs, part.id);
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
            <p className="pt-1 text-quiet text-sm">Tap a terminal: a lead goes there.</p>
            {places.length > 1 && (
                <fieldset className="flex flex-wrap items-center gap-2 pt-1" aria-label="Drawn on">
                    {places.map(({ rung, what }) => (
                        <button
                            key={rung.number}
                            type="button"
                            className="key px-3"
                            data-rung={rung.number}
                            aria-pressed={rung.number === shown}
                            data-on={rung.number === shown}
                            onClick={() => show(rung.number)}
                        >
                            {what} · rung {rung.number}
                        </button>
                    ))}
                </fieldset>
            )}
        </section>
    );
}
