import type { Trace } from '../../api/types';

/** What the operator and the world have set; one tap changes it and logs that it changed. */
export function Conditions(props: { trace: Trace; disabled: boolean; set: (name: string, value: boolean) => void }) {
    return (
        <fieldset className="flex shrink-0 gap-2 overflow-x-auto border-rule border-b px-3 py-2" aria-label="Conditions">
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
                <span
                    key={wire}
                    className="grid min-h-[48px] shrink-0 content-center border-2 border-ink border-dotted px-3 leading-tight"
                >
                    <span className="text-[0.8rem]">Lead lifted</span>
                    <strong>{wire}</strong>
                </span>
            ))}
        </fieldset>
    );
}
