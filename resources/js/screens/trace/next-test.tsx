import type { ReactNode } from 'react';
import type { Advice, Trace } from '../../api/shapes';
import type { Send } from '../../api/use-outbox';
import { Cannot } from './cannot';
import { Choices } from './choices';
import { Measure } from './measure';
import { isReady, Steps } from './steps';
import { Watched } from './watched';

interface Props {
    advice: Advice;
    standing: Trace['standing'];
    /** whether there is another one to offer */
    more: boolean;
    disabled: boolean;
    other: () => void;
    prove: () => void;
    see: (seen: string) => void;
    /** all that was seen while it started */
    watched: (seen: string) => void;
    felt: (felt: string) => void;
    measured: (entered: string) => void;
    send: Send;
    /** where the leads go */
    leads: ReactNode;
}

const KIND: Record<string, string> = {
    look: 'look and listen',
    watch: 'start it and watch',
    feel: 'by hand, power off',
    gauge: 'gauge or thermometer',
};

/** The next move, one glance away: what, where the leads go, what must be done first, what each result would mean. */
export function NextTest(props: Props) {
    const { advice, disabled, send } = props;
    const minutes = advice.minutes < 1 ? 'under a minute' : `about ${Math.round(advice.minutes)} min`;
    const kind = KIND[advice.kind] ?? (advice.dead ? 'dead test' : advice.line_voltage ? 'live line voltage' : 'live');
    return (
        <section aria-label="Next test" className="pt-2 pb-1">
            <h2 className="heading flex items-center justify-between gap-2 px-5 max-lg:px-4">
                <span>
                    <span className="max-lg:hidden">Next test · </span>
                    {minutes} · {kind}
                </span>
                {props.more && (
                    <button
                        type="button"
                        className="-my-2 min-h-[44px] shrink-0 text-ink normal-case underline underline-offset-4"
                        onClick={props.other}
                    >
                        Another test
                    </button>
                )}
            </h2>
            <p className="px-5 font-bold text-[1.45rem] leading-tight max-lg:px-4 max-lg:text-lg" data-next-title>
                {advice.title}
            </p>
            <p className="px-5 text-quiet leading-tight max-lg:px-4 max-lg:text-sm">{advice.place}</p>
            {advice.line_voltage && (
                <p className="mx-5 mt-1 border-ink border-l-8 pl-3 leading-tight">
                    Line voltage: qualified hands, rated leads and gloves, one hand where you can.
                </p>
            )}
            <div className="px-5">
                <Steps
                    steps={advice.steps}
                    told={advice.black !== '' && isReady(advice)}
                    disabled={disabled}
                    prove={props.prove}
                    send={send}
                />
            </div>
            {props.leads}
            <div className="px-5">
                <Meanings advice={advice} />
                {isReady(advice) && <Answer {...props} />}
                <Cannot advice={advice} standing={props.standing} disabled={disabled} send={send} />
            </div>
        </section>
    );
}

/** What each likely result would mean; what none can mean is said instead. */
function Meanings({ advice }: { advice: Advice }) {
    if (advice.results.length === 0) {
        return (
            <p className="mt-2 leading-snug" data-next-why>
                {advice.why}
            </p>
        );
    }
    return (
        <ul className="mt-1 space-y-1 leading-snug" data-next-why>
            {advice.results.map((result) => (
                <li key={result.said + result.who}>
                    <b className="inline-block first-letter:uppercase">{result.said}</b>
                    {result.as_healthy && ', as healthy'} · {result.likely}: {result.who}
                </li>
            ))}
            {advice.results.every((result) => !result.as_healthy) && <li>A healthy unit shows {advice.healthy}</li>}
        </ul>
    );
}

/** What it showed, for all that no meter shows. */
function Answer({ advice, disabled, see, watched, felt, measured }: Props) {
    switch (advice.kind) {
        case 'look':
            return <Choices choices={advice.choices} disabled={disabled} pick={see} />;
        case 'feel':
            return <Choices choices={advice.choices} disabled={disabled} pick={felt} />;
        case 'watch':
            return <Watched choices={advice.choices} disabled={disabled} keep={watched} />;
        case 'gauge':
            return advice.quantity === null ? null : <Measure quantity={advice.quantity} disabled={disabled} keep={measured} />;
        default:
            return null;
    }
}
