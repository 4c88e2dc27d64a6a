import type { ReactNode } from 'react';
import type { Verdict } from '../api/shapes';

const SIGN: Record<Verdict, string> = { good: '✓', watch: '!', bad: '✕', 'cannot say': '?' };
const TONE: Record<Verdict, string> = { good: 'text-good', watch: 'text-odd', bad: 'text-odd', 'cannot say': 'text-ink' };

/** A verdict by sign, word and tone, so that none of the three is needed alone. */
export function VerdictMark({ verdict, children }: { verdict: Verdict; children: ReactNode }) {
    return (
        <span className={`font-bold ${TONE[verdict]}`}>
            <span aria-hidden="true">{SIGN[verdict]}</span> {children}
        </span>
    );
}
