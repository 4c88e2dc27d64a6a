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

/** What stands behind the digits by one key, one after the other, and none again. */
const PREFIXES: Partial<Record<MeterFunction, string[]>> = {
    ohms: ['k', 'M'],
    continuity: ['k', 'M'],
    megohms: ['k', 'M'],
    vdc: ['mV'],
};

function nextPrefix(text: string, prefixes: string[]): string {
    const [, digits = '', now = ''] = /^([\d.]*)(.*)$/.exec(text) ?? [];
    return digits + (prefixes[prefixes.indexOf(now) + 1] ?? '');
}

/** Digits for a thumb; the last key keeps the reading. */
export function Keypad({ fn, entered, setEntered, healthy, ready }: Props) {
    const prefixes = PREFIXES[fn] ?? [];
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
                disabled={prefixes.length === 0 || !/^[\d.]*\d(k|M|mV)?$/.test(entered)}
                onClick={() => setEntered(nextPrefix(entered, prefixes))}
            >
                {fn === 'vdc' ? 'mV' : 'k · M'}
            </button>
            <button type="submit" className="pad-key pad-keep" data-keep disabled={!ready}>
                Keep
            </button>
        </div>
    );
}
