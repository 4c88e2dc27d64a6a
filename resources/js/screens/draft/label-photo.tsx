import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import type { Draft, Photo } from '../../api/shapes';
import { scaled } from '../../ui/scaled';

/** The door label beside the drawing while it is copied: nearer, farther, turned. */
export function LabelPhoto({ draft, close }: { draft: Draft; close: () => void }) {
    const client = useQueryClient();
    const [zoom, setZoom] = useState(1);
    const [turn, setTurn] = useState(0);
    const [problem, setProblem] = useState<string | null>(null);
    const take = async (file: File | undefined) => {
        if (file === undefined) {
            return;
        }
        try {
            const kept = await api<Photo>('POST', 'photos', await scaled(file));
            client.setQueryData(
                ['draft', String(draft.id)],
                await api<Draft>('PUT', `drafts/${draft.id}/label`, { photo: kept.photo }),
            );
            setProblem(null);
        } catch (error) {
            setProblem(error instanceof Error ? error.message : 'That picture cannot be read.');
        }
    };
    return (
        <section
            className="flex h-[40vh] min-h-0 flex-col border-ink max-lg:border-b-2 lg:h-auto lg:w-[32%] lg:border-r-2"
            aria-label="Door label"
        >
            <div className="flex flex-wrap gap-2 p-2">
                <label className="key relative cursor-pointer focus-within:outline-3 focus-within:outline-ink">
                    {draft.photo === null ? 'Take or choose a photograph' : 'Another one'}
                    <input
                        type="file"
                        name="label-photo"
                        accept="image/*"
                        className="absolute -inset-[2px] cursor-pointer opacity-0"
                        onChange={(e) => {
                            void take(e.target.files?.[0]);
                            e.target.value = '';
                        }}
                    />
                </label>
                <button
                    type="button"
                    className="key px-4 text-xl"
                    aria-label="Label farther"
                    onClick={() => setZoom(Math.max(1, zoom / 1.4))}
                >
                    −
                </button>
                <button
                    type="button"
                    className="key px-4 text-xl"
                    aria-label="Label nearer"
                    onClick={() => setZoom(Math.min(8, zoom * 1.4))}
                >
                    +
                </button>
                <button type="button" className="key" onClick={() => setTurn((turn + 90) % 360)}>
                    Turn
                </button>
                <button type="button" className="key" onClick={close} aria-label="Put the label away">
                    ✕
                </button>
            </div>
            {problem !== null && (
                <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                    {problem}
                </p>
            )}
            <div className="min-h-0 flex-1 overflow-auto bg-margin">
                {draft.photo !== null && (
                    <img
                        src={`/api/photos/${draft.photo}.jpg`}
                        alt="The door label"
                        style={{ width: `${zoom * 100}%`, maxWidth: 'none', rotate: `${turn}deg` }}
                    />
                )}
            </div>
        </section>
    );
}
