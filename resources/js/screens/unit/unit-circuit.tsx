import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useBegin, useCircuits, useMaking, useSetUnit } from '../../api/circuits';
import type { Unit } from '../../api/shapes';
import { Sheet } from '../../ui/sheet';
import { EditField } from '../draft/fields';

/** What is done about a unit's circuit and plate: matched to the label, another one taken, one rung traced. */
export function UnitCircuit({ unit }: { unit: Unit }) {
    const begin = useBegin();
    const navigate = useNavigate();
    const [another, setAnother] = useState(false);
    const [plate, setPlate] = useState(false);
    return (
        <div className="grid gap-2 px-4 pb-4">
            <div className="flex flex-wrap gap-2">
                <Link className="key" to={`/circuits/${unit.circuit.id}`}>
                    See the circuit
                </Link>
                <button
                    type="button"
                    className="key"
                    disabled={begin.isPending}
                    onClick={() =>
                        begin.mutate(
                            { revision: unit.circuit.revision, unit: unit.id },
                            { onSuccess: (draft) => void navigate(`/drafts/${draft.id}`) },
                        )
                    }
                >
                    Match it to the label
                </button>
                <button type="button" className="key" onClick={() => setAnother(true)}>
                    Another circuit
                </button>
                <Link className="key" to={`/quick?unit=${unit.id}`}>
                    Quick trace
                </Link>
                <button type="button" className="key" onClick={() => setPlate(true)}>
                    Set the nameplate
                </button>
            </div>
            {begin.error !== null && (
                <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                    {begin.error.message}
                </p>
            )}
            <AnotherCircuit unit={unit} open={another} onOpenChange={setAnother} />
            <Nameplate unit={unit} open={plate} onOpenChange={setPlate} />
        </div>
    );
}

interface SheetProps {
    unit: Unit;
    open: boolean;
    onOpenChange: (open: boolean) => void;
}

/** Another circuit of the library, or one of a family, for this unit; calls before stay with the one that they were worked on with. */
function AnotherCircuit({ unit, open, onOpenChange }: SheetProps) {
    const [search, setSearch] = useState('');
    const circuits = useCircuits({ search, family: '', supply: '', has: [], without: [] });
    const making = useMaking();
    const set = useSetUnit(unit.id);
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Another circuit for this unit">
            <input
                className="field mb-2"
                type="search"
                aria-label="Words of a circuit"
                placeholder="family, supply, what is in it…"
                value={search}
                onChange={(e) => setSearch(e.target.value)}
            />
            {set.error !== null && (
                <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                    {set.error.message}
                </p>
            )}
            <ul className="max-h-[40vh] overflow-y-auto">
                {(circuits.data?.items ?? []).map((card) => (
                    <li key={card.id}>
                        <button
                            type="button"
                            className="block min-h-[52px] w-full border-rule border-b py-1 text-left leading-tight"
                            onClick={() => set.mutate({ circuit: card.id }, { onSuccess: () => onOpenChange(false) })}
                        >
                            <span className="font-bold">{card.title}</span>
                            <span className="block text-quiet">
                                {card.supply}, {card.parts} parts
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
            <p className="pt-3 pb-1 text-quiet">Or from a family, by questions:</p>
            <div className="flex flex-wrap gap-2">
                {(making.data?.families ?? []).map((family) => (
                    <Link key={family.id} className="key" to={`/circuits/family/${family.id}?unit=${unit.id}`}>
                        {family.title}
                    </Link>
                ))}
            </div>
        </Sheet>
    );
}

/** What its plate says; each is kept as it is left. */
function Nameplate({ unit, open, onOpenChange }: SheetProps) {
    const set = useSetUnit(unit.id);
    const keep = (name: string) => async (value: string) => {
        try {
            await set.mutateAsync({ [name]: name === 'installed' ? Number(value) : value });
            return true;
        } catch {
            return false;
        }
    };
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Nameplate">
            <div className="grid gap-2">
                <EditField label="Called" wide name="name" value={unit.name} keep={keep('name')} />
                <EditField label="Site" wide name="site" value={unit.site.name} keep={keep('site')} />
                <EditField label="Where it stands" wide name="place" value={unit.place} keep={keep('place')} />
                <EditField label="Maker" wide name="maker" value={unit.maker} keep={keep('maker')} />
                <EditField label="Model" wide name="model" value={unit.model} keep={keep('model')} />
                <EditField label="Serial" wide name="serial" value={unit.serial} keep={keep('serial')} />
                <EditField label="Installed" name="installed" value={String(unit.installed)} keep={keep('installed')} />
            </div>
            {set.error !== null && (
                <p role="alert" className="mt-3 border-ink border-l-8 pl-3 font-bold">
                    {set.error.message}
                </p>
            )}
        </Sheet>
    );
}
