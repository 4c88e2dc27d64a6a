import type { ReactNode } from 'react';
import type { Wrong } from '../../api/shapes';

interface Props {
    title: ReactNode;
    wrong: Wrong[];
    letGo: () => void;
}

/** What is chosen, and what is wrong with it. */
export function PanelHead({ title, wrong, letGo }: Props) {
    return (
        <>
            <div className="flex items-start justify-between gap-2">
                <h2 className="font-bold text-xl leading-tight">{title}</h2>
                <button type="button" className="key" aria-label="Let go" onClick={letGo}>
                    ✕
                </button>
            </div>
            {wrong.map((w) => (
                <p key={w.what} className="border-odd border-l-8 pl-3">
                    <strong>{w.what}</strong> {w.remedy}
                </p>
            ))}
        </>
    );
}
