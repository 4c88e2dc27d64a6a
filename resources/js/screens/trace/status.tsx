import { Link } from 'react-router';
import type { Trace } from '../../api/shapes';
import { FindKey } from '../../ui/find';
import { ThemeKey } from '../../ui/theme';
import type { Stop } from '../call/stops';

/** Live or proved dead, always on screen. Not proved dead is live. */
export function Status({ trace, stop }: { trace: Trace; stop: Stop }) {
    const { standing, call } = trace;
    const on = standing.conditions.filter((c) => c.power && c.value).length;
    const word = standing.proved_dead ? 'PROVED DEAD' : 'LIVE';
    const volts = `up to ${Math.round(standing.highest_volts)} V`;
    const small = standing.proved_dead ? 'capacitors hold charge' : on === 0 ? 'switched off, not proved' : volts;
    return (
        <header className="flex items-stretch border-ink border-b-2">
            <div
                role="status"
                className={`flex flex-col justify-center px-4 py-1 leading-tight max-lg:max-w-36 max-lg:px-3 lg:px-5 ${
                    standing.proved_dead ? 'border-ink border-r-2 bg-paper text-ink' : 'bg-ink text-paper'
                }`}
            >
                <strong className="whitespace-nowrap text-lg">{word}</strong>
                <span className="text-sm lg:whitespace-nowrap">
                    {small}
                    {small === volts && <span className="max-lg:hidden"> between leads</span>}
                </span>
            </div>
            <div className="min-w-0 flex-1 self-center px-4 py-1 leading-tight max-lg:px-3">
                <h1 className="font-bold leading-tight lg:text-lg">
                    <span className="max-lg:hidden">{call.unit.site} · </span>
                    {call.unit.name}
                </h1>
                <p className="text-quiet max-lg:text-sm">
                    {/* on a phone the test needs the room; Arrive says where one is */}
                    <span className={stop === 'trace' ? 'hidden' : 'lg:hidden'}>{call.unit.site} · </span>
                    Call {call.number}
                    <span className="max-lg:hidden"> · {call.complaint}</span>
                </p>
            </div>
            <div className="flex items-center gap-2 px-3 max-sm:px-2">
                <Link className="key max-sm:hidden" to={`/units/${call.unit.id}`}>
                    Unit
                </Link>
                <span className="max-sm:hidden">
                    {/* on the drawing / finds a point first */}
                    <FindKey slash={stop !== 'trace'} />
                </span>
                <span className="max-sm:hidden">
                    <ThemeKey />
                </span>
                <Link className="key" to="/" aria-label="Back to the day">
                    Day
                </Link>
            </div>
        </header>
    );
}
