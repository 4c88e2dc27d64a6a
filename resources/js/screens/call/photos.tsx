import { useState } from 'react';
import type { CircuitSheet, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { scaled } from '../../ui/scaled';
import { counting } from './events';
import { PartsByPlace } from './part-field';

interface Props {
    trace: Trace;
    sheet: CircuitSheet;
    disabled: boolean;
    send: Send;
}

/** Photographs of the call, taken or chosen: of a part, or of the unit. */
export function Photos({ trace, sheet, disabled, send }: Props) {
    const [part, setPart] = useState('');
    const [words, setWords] = useState('');
    const [problem, setProblem] = useState<string | null>(null);
    const photos = counting(trace, 'photo');
    const take = async (file: File | undefined) => {
        if (file === undefined) {
            return;
        }
        setProblem(null);
        try {
            if (await send('photo', { picture: await scaled(file), part, words })) {
                setWords('');
            }
        } catch {
            setProblem('That picture cannot be read. Take it again, or choose a JPEG, PNG or WebP.');
        }
    };
    return (
        <section aria-label="Photographs" className="mt-4 grid gap-2">
            <h3 className="heading">Photographs</h3>
            {photos.length > 0 && (
                <ul className="grid grid-cols-3 gap-2 lg:grid-cols-5">
                    {photos.map((e) => (
                        <li key={e.id} className="leading-tight">
                            <a href={`/api/photos/${e.data.photo}.jpg`} target="_blank" rel="noreferrer">
                                <img
                                    src={`/api/photos/${e.data.photo}.jpg`}
                                    alt={`${e.data.label} ${e.data.words}`.trim() || 'the unit'}
                                    className="aspect-square w-full border border-ink object-cover"
                                />
                            </a>
                            <span className="text-sm">{`${e.data.label} ${e.data.words}`.trim()}</span>
                        </li>
                    ))}
                </ul>
            )}
            <div className="grid gap-2 sm:grid-cols-2">
                <label className="grid gap-1">
                    Of which part
                    <select className="field" name="photo-of" value={part} onChange={(e) => setPart(e.target.value)}>
                        <option value="">the unit, or none of the drawing's</option>
                        <PartsByPlace parts={sheet.parts} />
                    </select>
                </label>
                <label className="grid gap-1">
                    What it shows, if that must be said
                    <input className="field" name="photo-words" value={words} onChange={(e) => setWords(e.target.value)} />
                </label>
            </div>
            {problem !== null && (
                <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                    {problem}
                </p>
            )}
            <label className="key relative grid cursor-pointer place-items-center focus-within:outline-3 focus-within:outline-ink">
                Take or choose a photograph
                <input
                    type="file"
                    name="photo"
                    accept="image/*"
                    disabled={disabled}
                    className="absolute -inset-[2px] cursor-pointer opacity-0"
                    onChange={(e) => {
                        void take(e.target.files?.[0]);
                        e.target.value = '';
                    }}
                />
            </label>
        </section>
    );
}
