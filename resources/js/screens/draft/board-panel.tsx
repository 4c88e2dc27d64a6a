import { useState } from 'react';
import type { Board } from '../../api/shapes';
import { type Edits, word } from '../../api/use-edits';

/** What a board does, step by step, in words that can be changed. */
export function BoardPanel({ board, edits }: { board: Board; edits: Edits }) {
    const [fresh, setFresh] = useState('');
    return (
        <section className="grid gap-3" aria-label="What it does">
            <h3 className="heading">What it senses and switches</h3>
            <dl className="grid grid-cols-[7rem_1fr]">
                {[...Object.entries(board.inputs), ...Object.entries(board.outputs)].map(([name, between]) => (
                    <div key={name} className="contents">
                        <dt className="text-quiet">{name}</dt>
                        <dd className="font-mono">{between}</dd>
                    </div>
                ))}
            </dl>
            <h3 className="heading">Its steps</h3>
            {Object.entries(board.steps).map(([name, lines]) => (
                <StepField key={`${name} ${lines.join()}`} board={board.part} name={name} lines={lines} edits={edits} />
            ))}
            <form
                className="flex gap-2"
                onSubmit={async (e) => {
                    e.preventDefault();
                    if (await edits.edit(`step ${board.part} ${word(fresh)} "lamp lit"`)) {
                        setFresh('');
                    }
                }}
            >
                <input
                    className="field"
                    aria-label="Name of one more step"
                    placeholder="one more step, such as lock_out"
                    value={fresh}
                    onChange={(e) => setFresh(e.target.value)}
                />
                <button type="submit" className="key" disabled={fresh === ''}>
                    Add
                </button>
            </form>
        </section>
    );
}

interface StepProps {
    board: string;
    name: string;
    lines: string[];
    edits: Edits;
}

function StepField({ board, name, lines, edits }: StepProps) {
    const [text, setText] = useState(lines.join('\n'));
    const isChanged = text !== lines.join('\n');
    return (
        <div className="grid gap-1">
            <label className="grid gap-1">
                <span className="font-bold font-mono">{name}</span>
                <textarea
                    className="field py-2 font-mono text-sm"
                    name={`step-${name}`}
                    rows={Math.max(2, text.split('\n').length)}
                    value={text}
                    onChange={(e) => setText(e.target.value)}
                />
            </label>
            {isChanged && (
                <span className="flex gap-2">
                    <button
                        type="button"
                        className="key"
                        data-strong="true"
                        onClick={() => void edits.edit(`step ${board} ${name} "${text.trim().split('\n').join('; ')}"`)}
                    >
                        Keep this step
                    </button>
                    <button type="button" className="key" onClick={() => setText(lines.join('\n'))}>
                        As it was
                    </button>
                </span>
            )}
        </div>
    );
}
