import { memo } from 'react';
import type { BenchEntry } from '../../api/shapes';
import type { Change } from './use-draft';

interface FieldProps {
    entry: BenchEntry;
    text: string;
    unit: string;
    /** what is wrong with it; empty when nothing is */
    wrong: string;
    change: Change;
}

interface Props extends Omit<FieldProps, 'change'> {
    setText: (text: string) => void;
    setUnit: (unit: string) => void;
}

/** What a meter shows that is over its range. */
const OVER = 'OL';
const OVER_RANGE = ['resistance', 'insulation', 'capacitance'];

/** One thing that a check takes. It is drawn anew only when something of it has changed: a key is heard in all of them. */
export const EntryField = memo(function EntryField({ change, ...field }: FieldProps) {
    const { entry, wrong } = field;
    const id = `entry-${entry.name}`;
    const props: Props = {
        ...field,
        setText: (text) => change((draft) => ({ ...draft, given: { ...draft.given, [entry.name]: text } })),
        setUnit: (unit) => change((draft) => ({ ...draft, units: { ...draft.units, [entry.name]: unit } })),
    };
    return (
        <div
            className={`grid gap-x-4 gap-y-1 ${entry.kind === 'word' ? 'w-28 content-start' : 'sm:grid-cols-[14rem_1fr] sm:items-center'}`}
        >
            <label htmlFor={id}>{entry.label}</label>
            {entry.kind === 'choice' ? (
                <Choice {...props} id={id} />
            ) : entry.kind === 'row' ? (
                <Several {...props} id={id} />
            ) : (
                <One {...props} id={id} />
            )}
            {wrong !== '' && (
                <p id={`${id}-wrong`} role="alert" className="border-odd border-l-8 pl-3 font-bold sm:col-start-2">
                    {wrong}
                </p>
            )}
        </div>
    );
});

function inputProps({ entry, wrong }: Props, id: string) {
    return {
        id,
        inputMode: entry.kind === 'word' ? ('text' as const) : ('decimal' as const),
        autoComplete: 'off',
        'aria-invalid': wrong !== '',
        ...(wrong === '' ? {} : { 'aria-describedby': `${id}-wrong` }),
    };
}

function One(props: Props & { id: string }) {
    const { entry, text, setText, id } = props;
    const isOver = entry.is_read && OVER_RANGE.includes(entry.dimension);
    return (
        <div className="flex items-center gap-2">
            <input
                {...inputProps(props, id)}
                className={`field max-w-[11rem] text-xl ${entry.kind === 'word' ? '' : 'text-right font-mono tabular-nums'} ${
                    entry.is_required || entry.kind === 'word' || text !== '' ? '' : 'border-dashed'
                }`}
                placeholder={entry.usual}
                value={text}
                onChange={(e) => setText(e.target.value)}
            />
            <UnitKey {...props} />
            {isOver && (
                <button
                    type="button"
                    className="key"
                    aria-label={`${OVER}, over its range: ${entry.label}`}
                    data-on={text === OVER}
                    onClick={() => setText(text === OVER ? '' : OVER)}
                >
                    {OVER}
                </button>
            )}
        </div>
    );
}

/** Several numbers in their order: a field for each, and one more. */
function Several(props: Props & { id: string }) {
    const { text, setText, id, entry } = props;
    const parts = text === '' ? [] : text.split(' ');
    const set = (n: number, part: string) => {
        const next = [...parts];
        next[n] = part.replaceAll(' ', '');
        // one that is emptied goes, and those after it move up where they can be seen
        setText(next.filter((p) => p !== '').join(' '));
    };
    return (
        <div className="flex flex-wrap items-center gap-2">
            {[...parts, ''].map((part, n) => (
                <input
                    // biome-ignore lint/suspicious/noArrayIndexKey: a number has no name but its place
                    key={n}
                    {...inputProps(props, n === 0 ? id : `${id}-${n}`)}
                    {...(n === 0 ? {} : { 'aria-label': `${entry.label}, ${n + 1}` })}
                    className={`field max-w-[6.5rem] text-right font-mono text-xl tabular-nums ${part === '' ? 'border-dashed' : ''}`}
                    value={part}
                    onChange={(e) => set(n, e.target.value)}
                />
            ))}
            <UnitKey {...props} />
        </div>
    );
}

function Choice({ entry, text, setText, id }: Props & { id: string }) {
    const chosen = text === '' ? entry.choices[0] : text;
    return (
        <select id={id} className="field max-w-[20rem]" value={chosen} onChange={(e) => setText(e.target.value)}>
            {entry.choices.map((choice) => (
                <option key={choice}>{choice}</option>
            ))}
        </select>
    );
}

function UnitKey({ entry, unit, setUnit }: Props) {
    if (entry.kind === 'word' || entry.units.every((u) => u === '')) {
        return null;
    }
    if (entry.units.length === 1) {
        return <span className="min-w-[2.5rem] text-lg">{unit}</span>;
    }
    return (
        <select
            className="min-h-[48px] rounded-[3px] border border-rule bg-paper px-2 text-lg"
            aria-label={`${entry.label}: unit`}
            value={unit}
            onChange={(e) => setUnit(e.target.value)}
        >
            {entry.units.map((u) => (
                <option key={u}>{u}</option>
            ))}
        </select>
    );
}
