/** The colour of a wire's insulation, as it is printed. Names are the trade's; two with a slash are base and stripe. */
const INK: Record<string, string> = {
    black: '#1a1a1a',
    red: '#c4161c',
    blue: '#2a5fc1',
    yellow: '#e8c200',
    green: '#2f8a3d',
    orange: '#ea7a1a',
    brown: '#7b4a21',
    white: '#ffffff',
    grey: '#8b8f92',
    purple: '#7a3fa0',
    pink: '#f2a0b8',
    copper: '#b87333',
    bare: '#d9d4c8',
};

/** What a wire of a colour is drawn with: its base, where it has a stripe. */
export const inkOf = (colour: string): string => INK[colour.split('/')[0] ?? ''] ?? 'transparent';

/** A wire's colour as a swatch; the word stands beside it, as not everyone tells colours apart. */
export function Swatch({ colour }: { colour: string }) {
    const [, stripe] = colour.split('/');
    return (
        <svg className="mr-1.5 inline-block align-[-2px]" width={26} height={14} aria-hidden="true">
            <rect x={1} y={1} width={24} height={12} fill={inkOf(colour)} stroke="var(--ink)" strokeWidth={1.6} />
            {stripe !== undefined && <path d="M8 13L14 1H20L14 13Z" fill={INK[stripe] ?? 'transparent'} />}
        </svg>
    );
}
