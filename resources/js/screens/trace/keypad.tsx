import type { MeterFunction } from '../../api/shapes';

interface Props {
    fn: MeterFunction;
    entered: string;
    setEntered: (text: string) => void;
    /** what one types who reads what a healthy unit shows; null when that is not known */
    healthy: string | null;
    /** whether the reading can be kept */
    ready: boolean;
}

/** The key that enters what a healthy unit shows. */
const HEALTHY = 'as healthy';

const PREFIXED: MeterFunction[] = ['ohms', 'continuity', 'megohms'];

/** None, thousands, millions, none again. */
const nextPrefix = (text: string) =>
    /k$/.test(text) ? text.replace(/k$/, 'M') : /M$/.test(text) ? text.replace(/M$/, '') : `${text}k`;

/** Digits for a thumb; the last key keeps the reading. */
export function Keypad({ fn, entered, setEntered, healthy, ready }: Props) {
    const type = (key: string) => setEntered(/[a-z]/i.test(entered) ? key : entered + key);
    const digit = (key: string) => (
        <button key={key} type="button" className="pad-key" data-key={key} onClick={() => type(key)}>
            {key}
        </button>
    );
    const word = (label: string, enters: string | null, name: string) => (
        <button
            type="button"
            className="pad-key pad-word"
            data-key={name}
            data-as-expected={name === HEALTHY || undefined}
            disabled={enters === null}
            onClick={() => setEntered(enters ?? '')}
        >
            {label}
        </button>
    );
    return (
        <div className="keypad" data-keypad>
            {['7', '8', '9'].map(digit)}
            {word('OL', 'OL', 'OL')}
            {['4', '5', '6'].map(digit)}
            {word('about 0', '0', 'about 0')}
            {['1', '2', '3'].map(digit)}
            {word(HEALTHY, healthy, HEALTHY)}
            <button
                type="button"
                className="pad-key"
                data-key="."
                disabled={entered.includes('.')}
                onClick={() => type(entered === '' ? '0.' : '.')}
            >
                .
            </button>
            {digit('0')}
            <button
                type="button"
                className="pad-key pad-word"
                data-key="k M"
                disabled={!PREFIXED.includes(fn) || !/\d[kM]?$/.test(entered)}
                onClick={() => setEntered(nextPrefix(entered))}
            >
                k · M
            </button>
            <button type="submit" className="pad-key pad-keep" data-keep disabled={!ready}>
                Keep
            </button>
        </div>
    );
}
