import { useCallback, useState } from 'react';

/** What was typed for each check, and in which unit; kept until the browser is closed. */
export interface Draft {
    given: Record<string, string>;
    units: Record<string, string>;
}

const EMPTY: Draft = { given: {}, units: {} };
const keyOf = (check: string) => `levin.bench.${check}`;

function kept(check: string): Draft {
    const text = sessionStorage.getItem(keyOf(check));
    return text === null ? EMPTY : (JSON.parse(text) as Draft);
}

/** The draft of one check, as long as it is the one that is open. */
export function useDraft(check: string): [Draft, (draft: Draft) => void] {
    const [draft, setDraft] = useState(() => kept(check));
    const keep = useCallback(
        (next: Draft) => {
            sessionStorage.setItem(keyOf(check), JSON.stringify(next));
            setDraft(next);
        },
        [check],
    );
    return [draft, keep];
}
