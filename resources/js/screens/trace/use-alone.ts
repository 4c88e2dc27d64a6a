import { useState } from 'react';
import { useByItself } from '../../api/queries';

/** A part or wire that is tested by itself: which, what tells of it, and which of those tests was chosen. */
export function useAlone(call: string, stamp: number) {
    const [target, setTarget] = useState<string | null>(null);
    const [chosen, setChosen] = useState<string | null>(null);
    const tests = useByItself(call, target, stamp);
    return {
        target,
        tests: tests.data?.tests ?? null,
        fed: tests.data?.fed ?? [],
        problem: tests.error?.message ?? null,
        /** as its steps stand now */
        advice:
            chosen === null || tests.data === undefined
                ? undefined
                : [...tests.data.tests, ...tests.data.fed].find((test) => test.key === chosen),
        ask: (of: string) => {
            setTarget(of);
            setChosen(null);
        },
        choose: (key: string) => setChosen(key),
        leave: () => {
            setTarget(null);
            setChosen(null);
        },
    };
}

export type TestedAlone = ReturnType<typeof useAlone>;
