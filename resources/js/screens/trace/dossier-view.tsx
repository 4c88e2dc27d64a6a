import { useDossier } from '../../api/queries';

interface Props {
    call: number;
    stamp: number;
    target: string;
    look: () => void;
}

/** One suspect, opened: what it would make each reading taken, and which test would clear it. */
export function DossierView({ call, stamp, target, look }: Props) {
    const dossier = useDossier(call, target, stamp);
    if (dossier.isError) {
        return (
            <p role="alert" className="py-2">
                {dossier.error.message}
            </p>
        );
    }
    if (dossier.data === undefined) {
        return <p className="py-2 text-quiet">Working it out.</p>;
    }
    const { fault, likely, readings, tests } = dossier.data;
    const against = readings.filter((r) => r.fits === false);
    return (
        <div className="grid gap-2 border-ink border-l-4 py-1 pl-3 leading-snug" data-dossier={target}>
            <p>
                <strong>{fault}</strong>, {likely}.{' '}
                {against.length === 0
                    ? readings.length === 0
                        ? 'Nothing has been learned yet.'
                        : 'It explains everything so far.'
                    : `It does not explain ${against.length} of ${readings.length}.`}
            </p>
            {readings.length > 0 && (
                <ul aria-label="What it would make each reading">
                    {readings.map((r, n) => (
                        // biome-ignore lint/suspicious/noArrayIndexKey: in the order in which they were taken
                        <li key={n}>
                            <span className={r.fits === false ? 'font-bold text-odd' : ''}>
                                {r.fits === false ? '✗' : '✓'} {r.test}
                            </span>
                            : it would be {r.would}
                        </li>
                    ))}
                </ul>
            )}
            {tests.length > 0 && (
                <ul aria-label="What would clear it">
                    {tests.slice(0, 3).map((t) => (
                        <li key={t.test}>
                            {t.test}: anything but <strong>{t.would}</strong> clears it
                        </li>
                    ))}
                </ul>
            )}
            <button type="button" className="key justify-self-start" onClick={look}>
                Show it
            </button>
        </div>
    );
}
