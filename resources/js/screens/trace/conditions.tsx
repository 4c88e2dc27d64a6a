import type { Trace } from '../../api/shapes';

interface Props {
    trace: Trace;
    disabled: boolean;
    set: (name: string, value: boolean) => void;
    land: (wire: string) => void;
}

/** What the operator and the world have set, and what is lifted; one tap changes it and logs that it changed. */
export function Conditions(props: Props) {
    return (
        <fieldset className="flex min-w-0 shrink-0 gap-2 overflow-x-auto border-rule border-b px-3 py-2" aria-label="Conditions">
            {props.trace.standing.conditions.map((c) => (
                <button
                    key={c.name}
                    type="button"
                    data-condition={c.name}
                    aria-pressed={c.value}
                    disabled={props.disabled}
                    onClick={() => props.set(c.name, !c.value)}
                    className={`min-h-[48px] shrink-0 rounded-[3px] border-2 border-ink px-3 text-left leading-tight ${
                        c.value ? 'bg-live text-live-ink' : 'border-dashed bg-paper text-ink'
                    }`}
                >
                    <span className="block text-[0.8rem]">{c.label}</span>
                    <span className="block font-bold">{c.says}</span>
                </button>
            ))}
            {props.trace.standing.lifted.map((wire) => (
                <button
                    key={wire}
                    type="button"
                    data-lifted={wire}
                    disabled={props.disabled}
                    onClick={() => props.land(wire)}
                    className="min-h-[48px] shrink-0 rounded-[3px] border-2 border-ink border-dotted bg-paper px-3 text-left leading-tight"
                >
                    <span className="block text-[0.8rem]">{wire} is lifted</span>
                    <span className="block font-bold">land it</span>
                </button>
            ))}
        </fieldset>
    );
}
