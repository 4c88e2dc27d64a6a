import { useState } from 'react';
import { Link } from 'react-router';
import { useUnits } from '../../api/queries';
import { Critical } from '../../ui/critical';
import { More } from '../../ui/more';
import { Places } from '../../ui/places';
import { Problem } from '../../ui/problem';
import { useTitle } from '../../ui/use-title';

/** Every unit the shop looks after. */
export function UnitsScreen() {
    const [search, setSearch] = useState('');
    const units = useUnits({ search, per_page: '40' });
    useTitle('Units');
    return (
        <div className="mx-auto min-h-full max-w-[1280px]">
            <Places />
            <main className="pb-8">
                <div className="grid items-end gap-3 px-4 pt-5 pb-3 sm:grid-cols-[1fr_24rem]">
                    <h1 className="font-bold text-3xl">Units · {units.total}</h1>
                    <input
                        className="field"
                        type="search"
                        name="search"
                        aria-label="Words of a unit"
                        placeholder="hall, bakery, roof, serial number…"
                        value={search}
                        onChange={(e) => setSearch(e.target.value)}
                    />
                </div>
                {units.isError && <Problem error={units.error} retry={() => void units.refetch()} />}
                <ul className="border-rule border-t">
                    {units.items.map((unit) => (
                        <li key={unit.id} className="border-rule border-b">
                            <Link
                                to={`/units/${unit.id}`}
                                className="unit-row grid min-h-[56px] content-center gap-x-4 px-4 py-2 hover:bg-margin sm:items-center"
                            >
                                <span className="font-bold">
                                    {unit.name}
                                    <Critical lost={unit.critical} />
                                </span>
                                <span>
                                    {unit.site.name}, {unit.place}
                                    {unit.serves !== '' && <span className="block text-quiet">serves {unit.serves}</span>}
                                </span>
                                <span className="text-quiet">
                                    {unit.model} · {unit.circuit.supply}
                                </span>
                            </Link>
                        </li>
                    ))}
                </ul>
                <More list={units} />
                {units.isSuccess && units.total === 0 && (
                    <p className="px-4 py-3">{search === '' ? 'No unit yet.' : 'No unit has all these words. Take one away.'}</p>
                )}
            </main>
        </div>
    );
}
