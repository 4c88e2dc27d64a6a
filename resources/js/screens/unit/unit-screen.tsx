import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useCalls, useCircuitSheet, useOpenCall, useUnit } from '../../api/queries';
import { FindKey } from '../../ui/find';
import { More } from '../../ui/more';
import { Problem } from '../../ui/problem';
import { ThemeKey } from '../../ui/theme';
import { useTitle } from '../../ui/use-title';
import { CallRow } from '../day/day';
import { FittedParts } from './fitted-parts';
import { PartChecks } from './part-checks';
import { UnitCircuit } from './unit-circuit';

export function UnitScreen() {
    const { id = '' } = useParams();
    const unit = useUnit(id);
    const sheet = useCircuitSheet(unit.data?.circuit.revision);
    const calls = useCalls({ unit: id });
    const navigate = useNavigate();
    const open = useOpenCall(Number(id));
    const [complaint, setComplaint] = useState('');
    useTitle(unit.data?.name ?? 'Unit');
    if (unit.isPending) {
        return <p className="p-6">One moment.</p>;
    }
    if (unit.isError) {
        return <Problem error={unit.error} retry={() => void unit.refetch()} />;
    }
    const u = unit.data;
    return (
        <main className="mx-auto min-h-full max-w-[1280px]">
            <header className="flex flex-wrap items-center justify-between gap-3 border-ink border-b-2 p-3">
                <div className="flex items-center gap-4">
                    <Link to="/" className="key" aria-label="Back to the day">
                        ←
                    </Link>
                    <div className="leading-tight">
                        <h1 className="font-bold text-xl">{u.name}</h1>
                        <p className="text-quiet">
                            {u.site.name}, {u.place}
                        </p>
                    </div>
                </div>
                <div className="flex gap-2">
                    <a className="key" href={`/api/revisions/${u.circuit.revision}/diagram.pdf`} target="_blank" rel="noreferrer">
                        Diagram on paper
                    </a>
                    <a className="key" href={`/api/revisions/${u.circuit.revision}/diagram.svg`}>
                        Diagram as SVG
                    </a>
                    <FindKey />
                    <ThemeKey />
                </div>
            </header>
            <div className="lg:grid lg:grid-cols-[2fr_3fr]">
                <section className="border-ink lg:border-r-2">
                    <h2 className="heading px-4 pt-5 pb-2">Nameplate</h2>
                    <dl className="grid grid-cols-[8rem_1fr] gap-y-1 px-4 pb-4">
                        <Fact name="Maker" value={u.maker} />
                        <Fact name="Model" value={u.model} />
                        <Fact name="Serial" value={u.serial} />
                        <Fact name="Installed" value={String(u.installed)} />
                        <Fact name="Supply" value={u.circuit.supply} />
                        <Fact name="Circuit" value={u.circuit.title} />
                        {u.critical !== '' && <Fact name="Cannot wait" value={u.critical} />}
                        {u.serves !== '' && <Fact name="Serves" value={u.serves} />}
                        {u.thermostat !== '' && <Fact name="Thermostat" value={u.thermostat} />}
                        <Fact name="Contact" value={`${u.site.contact}, ${u.site.phone}`} />
                        <Fact name="Address" value={u.site.address} />
                    </dl>
                    <UnitCircuit unit={u} />
                    <h2 className="heading px-4 pt-2 pb-1">Plate values of its parts</h2>
                    {sheet.isError && <Problem error={sheet.error} retry={() => void sheet.refetch()} />}
                    <ul className="border-rule border-t">
                        {(sheet.data?.parts ?? [])
                            .filter((p) => p.plate.length > 0)
                            .map((p) => (
                                <li key={p.id} className="gap-x-2 border-rule border-b px-4 py-2 sm:grid sm:grid-cols-[8rem_1fr]">
                                    <span className="block font-bold">{p.label}</span>
                                    <span className="flex flex-wrap gap-x-4">
                                        {p.plate.map((v) => (
                                            <span key={v.name}>
                                                <span className="text-quiet">{v.meaning}</span>{' '}
                                                <span className="whitespace-nowrap font-mono tabular-nums">
                                                    {v.value} {v.unit}
                                                </span>
                                            </span>
                                        ))}
                                    </span>
                                </li>
                            ))}
                    </ul>
                </section>
                <section>
                    <h2 className="heading px-4 pt-5 pb-2">New call</h2>
                    <form
                        className="grid gap-3 px-4 pb-4"
                        onSubmit={(e) => {
                            e.preventDefault();
                            open.mutate(complaint, { onSuccess: (call) => void navigate(`/calls/${call.id}`) });
                        }}
                    >
                        <label className="grid gap-1">
                            Complaint, in the customer's words
                            <textarea
                                className="field py-2"
                                rows={2}
                                name="complaint"
                                value={complaint}
                                onChange={(e) => setComplaint(e.target.value)}
                            />
                        </label>
                        {open.error !== null && (
                            <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                                {open.error.message}
                            </p>
                        )}
                        <button type="submit" className="key justify-self-start" data-strong="true" disabled={open.isPending}>
                            Open the call
                        </button>
                    </form>
                    <h2 className="heading px-4 pt-3 pb-1">Calls at this unit</h2>
                    <ul className="border-rule border-t">
                        {calls.items.map((call) => (
                            <CallRow key={call.id} call={call} showUnit={false} />
                        ))}
                    </ul>
                    <More list={calls} />
                    {calls.isSuccess && calls.total === 0 && <p className="px-4 py-3 text-quiet">No calls yet.</p>}
                    <FittedParts unit={u.id} />
                    <PartChecks unit={u.id} name={u.name} />
                </section>
            </div>
        </main>
    );
}

function Fact({ name, value }: { name: string; value: string }) {
    return (
        <>
            <dt className="text-quiet">{name}</dt>
            <dd>{value}</dd>
        </>
    );
}
