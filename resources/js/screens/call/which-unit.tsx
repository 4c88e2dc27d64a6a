import { useNavigate } from 'react-router';
import { useOpenCall, useUnits } from '../../api/queries';
import type { Trace, Unit } from '../../api/shapes';
import { Critical } from '../../ui/critical';

/** Which unit is it? What this one serves, and the others at the site: a call there begins with the same complaint. */
export function WhichUnit({ trace }: { trace: Trace }) {
    const { unit, complaint } = trace.call;
    const others = useUnits({ site: String(unit.site_id) }).items.filter((u) => u.id !== unit.id);
    return (
        <section aria-label="Which unit" className="px-5 pt-5">
            <h2 className="heading">Which unit is it?</h2>
            <p className="py-1 leading-snug">
                <Critical lost={unit.critical} />
                This one serves <strong>{unit.serves === '' ? 'nobody wrote down what' : unit.serves}</strong>.
                {unit.thermostat !== '' && ` Its thermostat: ${unit.thermostat}.`}
            </p>
            {others.length > 0 && (
                <details>
                    <summary className="min-h-[44px] cursor-pointer content-center">
                        {others.length === 1 ? 'Another unit is here' : `${others.length} other units are here`}
                    </summary>
                    <ul>
                        {others.map((other) => (
                            <Other key={other.id} unit={other} complaint={complaint} />
                        ))}
                    </ul>
                </details>
            )}
        </section>
    );
}

function Other({ unit, complaint }: { unit: Unit; complaint: string }) {
    const open = useOpenCall(unit.id);
    const navigate = useNavigate();
    return (
        <li className="flex items-center justify-between gap-3 border-rule border-b py-2" data-other-unit={unit.id}>
            <span className="leading-snug">
                <strong>{unit.name}</strong>
                <br />
                serves {unit.serves}; {unit.place}
                {open.error !== null && (
                    <span role="alert" className="block font-bold">
                        {open.error.message}
                    </span>
                )}
            </span>
            <button
                type="button"
                className="key shrink-0"
                disabled={open.isPending}
                onClick={() => open.mutate(complaint, { onSuccess: (call) => void navigate(`/calls/${call.id}/arrive`) })}
            >
                A call there
            </button>
        </li>
    );
}
