import type { CircuitSheet, Part, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { counting } from './events';

/** What every form of a repair is given. */
export interface FormProps {
    trace: Trace;
    sheet: CircuitSheet;
    disabled: boolean;
    /** why the last thing sent was not taken */
    problem: string | null;
    send: Send;
}

/** Parts of the findings first: one of them it mostly is. */
export function targets(trace: Trace, sheet: CircuitSheet) {
    const named = counting(trace, 'finding')
        .flatMap((e) => (Array.isArray(e.data.faults) ? e.data.faults.map(String) : []))
        .map((id) => id.split(':')[0]);
    const first = sheet.parts.filter((p) => named.includes(p.id));
    return [...first, ...sheet.parts.filter((p) => !named.includes(p.id))];
}

export function PartField(props: FormProps & { value: string; set: (id: string) => void; none?: string }) {
    return (
        <label className="grid gap-1">
            Which part
            <select className="field" name="part" value={props.value} onChange={(e) => props.set(e.target.value)}>
                {props.none !== undefined && <option value="">{props.none}</option>}
                <PartsByPlace parts={targets(props.trace, props.sheet)} />
            </select>
        </label>
    );
}

/** Parts to choose from, the places in the order of their first one. */
export function PartsByPlace({ parts }: { parts: Part[] }) {
    return [...new Set(parts.map((p) => p.place))].map((place) => (
        <optgroup key={place} label={place}>
            {parts
                .filter((p) => p.place === place)
                .map((p) => (
                    <option key={p.id} value={p.id}>
                        {p.label} ({p.id})
                    </option>
                ))}
        </optgroup>
    ));
}
