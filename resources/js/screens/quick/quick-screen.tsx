import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { useQuick, useUnderstood } from '../../api/circuits';
import { useUnit } from '../../api/queries';
import { AT_REST } from '../../diagram/at-rest';
import { Ladder } from '../../diagram/ladder';
import { OneOf } from '../../ui/one-of';
import { Places } from '../../ui/places';
import { useKept } from '../../ui/use-kept';
import { useSettled } from '../../ui/use-settled';
import { useTitle } from '../../ui/use-title';

const VOLTS = ['24', '120', '208', '240', '480'] as const;
const LINES = ['120', '208', '240', '480'] as const;

/** What mostly lies on a rung: tapped in the order of the diagram. */
const CONTROL = ['TST', 'HP', 'LP', 'LIM', 'RO', 'PS', 'FLT', 'DS', 'FU', 'OL', 'TDR', 'CR'];
const LOADS = ['CC', 'GV', 'BR', 'RV', 'SOL', 'IND', 'OFM', 'IBM', 'HTR', 'CCH', 'HSI'];

const voltsOf = (v: string) => [v, `${v} V`] as const;

/** One rung of a unit that nobody has drawn: said, looked at, and traced at once. */
export function QuickScreen() {
    const [query] = useSearchParams();
    const unit = query.get('unit');
    const [words, setWords] = useKept('quick', '');
    const [volts, setVolts] = useState<string>('24');
    const [line, setLine] = useState<string>('240');
    const [name, setName] = useState('');
    const said = useSettled(words);
    const understood = useUnderstood(said, Number(volts), Number(line));
    const quick = useQuick();
    const navigate = useNavigate();
    useTitle('Quick trace');
    const add = (piece: string) => setWords(`${words.trim()} ${piece}`.trim());
    const sheet = understood.data?.sheet;
    const load = understood.data?.pieces.at(-1)?.id;
    const rung = sheet?.rungs.find((r) => r.drawing.symbols.some((s) => s.part === load));
    const isOld = said !== words || understood.isPlaceholderData;
    return (
        <div className="mx-auto min-h-full max-w-[980px]">
            <Places />
            <main className="grid grid-cols-[minmax(0,1fr)] gap-4 px-4 pb-10">
                <div>
                    <h1 className="pt-4 font-bold text-3xl">Quick trace</h1>
                    <p>No circuit of this unit is at hand: say the rung of the load that should run, and test it.</p>
                </div>
                {unit !== null && <AtUnit id={unit} />}
                <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
                    <span className="flex flex-wrap items-center gap-2">
                        The rung is on{' '}
                        <OneOf label="Volts of the rung" choices={VOLTS.map(voltsOf)} value={volts} set={setVolts} />
                    </span>
                    {volts === '24' && (
                        <span className="flex flex-wrap items-center gap-2">
                            from <OneOf label="Volts of the line" choices={LINES.map(voltsOf)} value={line} set={setLine} />
                        </span>
                    )}
                </div>
                <form
                    className="grid gap-3"
                    onSubmit={(e) => {
                        e.preventDefault();
                        quick.mutate(
                            {
                                words,
                                volts: Number(volts),
                                line: Number(line),
                                ...(unit === null ? { name } : { unit: Number(unit) }),
                            },
                            {
                                onSuccess: (call) => {
                                    setWords('');
                                    void navigate(`/calls/${call.id}/trace`);
                                },
                            },
                        );
                    }}
                >
                    <label className="grid gap-1">
                        What lies on it, from hot to common, the load last
                        <input
                            className="field font-mono text-lg"
                            name="rung"
                            autoComplete="off"
                            autoCapitalize="off"
                            spellCheck={false}
                            placeholder="R TST HP LP CC C"
                            value={words}
                            onChange={(e) => setWords(e.target.value)}
                        />
                    </label>
                    <Pieces title="On the way" pieces={CONTROL} add={add} />
                    <Pieces title="At its end, what should run" pieces={LOADS} add={add} />
                    <div className="flex flex-wrap items-end gap-2">
                        <button
                            type="submit"
                            className="key min-h-[52px] px-6 text-lg"
                            data-strong="true"
                            disabled={quick.isPending || words.trim() === ''}
                        >
                            Test it
                        </button>
                        <button
                            type="button"
                            className="key"
                            disabled={words === ''}
                            onClick={() => setWords(words.trim().split(/\s+/).slice(0, -1).join(' '))}
                        >
                            ← Take the last one back
                        </button>
                        {unit === null && (
                            <input
                                className="field max-w-[16rem]"
                                name="unit-name"
                                aria-label="What the unit is called"
                                placeholder="unit at hand"
                                value={name}
                                onChange={(e) => setName(e.target.value)}
                            />
                        )}
                    </div>
                    {quick.error !== null && (
                        <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                            {quick.error.message}
                        </p>
                    )}
                </form>
                {understood.error !== null && words !== '' && !isOld && (
                    <p className="border-odd border-l-8 pl-3">{understood.error.message}</p>
                )}
                {understood.data !== undefined && words !== '' && (
                    <section aria-label="As it is understood" className={isOld ? 'opacity-60' : ''}>
                        <ol className="flex flex-wrap gap-x-2" aria-label="In its order">
                            {understood.data.pieces.map((piece) => (
                                <li key={piece.id} data-piece={piece.id}>
                                    <strong className="font-mono">{piece.id}</strong> {piece.label}
                                    {piece !== understood.data.pieces[understood.data.pieces.length - 1] && ' →'}
                                </li>
                            ))}
                        </ol>
                        {sheet !== undefined && rung !== undefined && (
                            <div className="overflow-x-auto pt-2">
                                <Ladder
                                    sheet={sheet}
                                    drawing={rung.drawing}
                                    is={AT_REST}
                                    known={{ proved: [], inDoubt: [] }}
                                    probes={{ red: null, black: null }}
                                    zoom={1}
                                    roomy
                                    chosen={null}
                                    label="The rung"
                                    onPoint={() => undefined}
                                    onPart={() => undefined}
                                    onWire={() => undefined}
                                />
                            </div>
                        )}
                        <p className="text-quiet">
                            Plates are those of ordinary parts until you read them. Line side and what else hangs on it can be
                            joined later, on the drawing. Before you open it: live parts; the disconnect does not kill a separate
                            control feed.
                        </p>
                    </section>
                )}
            </main>
        </div>
    );
}

function Pieces({ title, pieces, add }: { title: string; pieces: string[]; add: (piece: string) => void }) {
    return (
        <fieldset className="flex flex-wrap items-center gap-2" aria-label={title}>
            <legend className="text-quiet text-sm">{title}</legend>
            {pieces.map((piece) => (
                <button key={piece} type="button" className="key font-mono" data-piece-key={piece} onClick={() => add(piece)}>
                    {piece}
                </button>
            ))}
        </fieldset>
    );
}

function AtUnit({ id }: { id: string }) {
    const unit = useUnit(id);
    return unit.data === undefined ? null : (
        <p>
            At <strong>{unit.data.name}</strong>, {unit.data.site.name}. Its own circuit stays as it is.
        </p>
    );
}
