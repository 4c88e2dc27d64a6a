import type { Draft, Kind, Making } from '../../api/shapes';

export const kindOf = (making: Making, kind: string): Kind | undefined => making.kinds.find((k) => k.kind === kind);

/** Kinds to choose from, by what they are called. */
export const kindChoices = (making: Making): [string, string][] =>
    making.kinds
        .filter((k) => !k.kind.startsWith('supply-'))
        .map((k): [string, string] => [k.kind, k.title])
        .sort(([, a], [, b]) => a.localeCompare(b));

/** Letters that no part has yet: those given, or those with the next number behind them. */
export function freeLetters(draft: Draft, letters: string): string {
    const base = letters.replace(/\d+$/, '') || 'X';
    const taken = new Set(draft.parts.map((p) => p.id));
    if (!taken.has(letters) && letters !== '') {
        return letters;
    }
    let n = 2;
    while (taken.has(`${base}${n}`)) {
        n++;
    }
    return `${base}${n}`;
}

/** Letters that a kind mostly has on a label. */
const LETTERS: Record<string, string> = {
    'pressure-switch': 'HP',
    'temperature-switch': 'TS',
    'float-switch': 'FLT',
    'door-switch': 'DS',
    'smoke-switch': 'SD',
    'rollout-switch': 'RO',
    'draft-switch': 'PS',
    'dry-contact': 'K',
    'gas-valve': 'GV',
    'reversing-valve': 'RV',
    'start-kit-ptc': 'SK',
    limit: 'LIM',
    fuse: 'FU',
    heater: 'HTR',
    solenoid: 'SV',
    coil: 'CC',
    plug: 'P1',
    terminals: 'TB',
    board: 'CB',
};

export const lettersFor = (draft: Draft, kind: string): string =>
    freeLetters(
        draft,
        LETTERS[kind] ??
            kind
                .split('-')
                .map((w) => w[0]?.toUpperCase() ?? '')
                .join(''),
    );

/** Every point of every part as it is drawn. */
export const pointsOf = (draft: Draft): string[] => (draft.sheet?.parts ?? []).flatMap((p) => p.points);

/** The wires of a draft, as far as it can be drawn. */
export const wiresOf = (draft: Draft) => draft.sheet?.wires ?? [];
