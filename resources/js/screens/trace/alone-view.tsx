import type { Advice } from '../../api/shapes';
import type { TestedAlone } from './use-alone';

interface Props {
    target: string;
    alone: TestedAlone;
    /** one of its tests is the next one */
    take: (key: string) => void;
}

/** Whether a part or wire is good by itself: what tells, power off and lifted from what lies in parallel, and then under load. */
export function AloneView({ target, alone, take }: Props) {
    if (alone.target !== target) {
        return (
            <p className="px-5 pt-2">
                <button type="button" className="key" data-alone={target} onClick={() => alone.ask(target)}>
                    Test it by itself
                </button>
            </p>
        );
    }
    return (
        <section aria-label="By itself" className="px-5 pt-2">
            <h3 className="heading">By itself, power off</h3>
            {alone.problem !== null && <p role="alert">{alone.problem}</p>}
            {alone.problem === null && alone.tests === null && <p className="py-2 text-quiet">Working it out.</p>}
            {alone.tests?.length === 0 && <p className="py-2">Nothing that is measured dead tells of it.</p>}
            <Tests tests={alone.tests ?? []} take={take} />
            {alone.fed.length > 0 && (
                <>
                    <h3 className="heading pt-3">Under load, power on</h3>
                    <Tests tests={alone.fed} take={take} />
                </>
            )}
        </section>
    );
}

function Tests({ tests, take }: { tests: Advice[]; take: (key: string) => void }) {
    return (
        <ul className="grid gap-1 pt-1">
            {tests.map((test) => (
                <li key={test.key}>
                    <button
                        type="button"
                        className="key block min-h-[44px] w-full px-3 py-1.5 text-left leading-tight"
                        data-alone-test={test.key}
                        onClick={() => take(test.key)}
                    >
                        {test.title} <span className="block font-normal">healthy: {test.healthy}</span>
                    </button>
                </li>
            ))}
        </ul>
    );
}
