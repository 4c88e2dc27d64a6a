/** Shapes of the JSON API, as app/Calls/Trace.php and app/Http/Resources build them. */

export type Stage = 'scheduled' | 'open' | 'found' | 'closed';
export type Energy = 'live' | 'common' | 'backfed' | 'dead';
export type MeterFunction = 'vac' | 'ohms' | 'continuity' | 'mfd';
export type EventType =
    | 'observation'
    | 'condition'
    | 'lead'
    | 'reading'
    | 'proved-dead'
    | 'note'
    | 'finding'
    | 'strike'
    | 'closed'
    | 'reopened';

export interface User {
    id: number;
    name: string;
    role: 'technician' | 'lead';
    shop: string;
}

export interface Call {
    id: number;
    number: number;
    complaint: string;
    stage: Stage;
    scheduled_for: string;
    closed_at: string | null;
    technician: { id: number; name: string };
    unit: { id: number; name: string; site: string; address: string };
    finding: string | null;
    events: number;
    may_change: boolean;
}

export interface Unit {
    id: number;
    name: string;
    place: string;
    maker: string;
    model: string;
    serial: string;
    installed: number;
    site: { name: string; address: string; contact: string; phone: string };
    circuit: string;
    circuit_title: string;
    supply: string;
    calls?: Call[];
    plates?: { part: string; label: string; values: { name: string; value: number; unit: string; meaning: string }[] }[];
}

export interface Condition {
    name: string;
    label: string;
    value: boolean;
    says: string;
    power: boolean;
    default: boolean;
    /** what it is called when off, and when on */
    words: [string, string];
}

export interface LogEvent {
    id: string;
    sequence: number;
    type: EventType;
    data: Record<string, unknown>;
    by: string;
    noted_at: string;
}

export interface Advice {
    function: MeterFunction | null;
    red: string;
    black: string;
    title: string;
    why: string;
    expected: string;
    bits: number;
    minutes: number;
    line_voltage: boolean;
    first: {
        changes: { name: string; label: string; value: boolean; says: string }[];
        lift: string[];
        land: string[];
        prove_dead: boolean;
    };
    choices: string[];
    place: string;
}

export interface DiagramSymbol {
    part: string;
    shape: string;
    caption: string;
    label: string;
    left: string;
    right: string;
    x1: number;
    x2: number;
    y: number;
    strokes: string;
    seen: string | null;
}

export interface Diagram {
    width: number;
    height: number;
    titles: { title: string; y: number }[];
    rails: { point: string; x: number; y1: number; y2: number }[];
    points: { point: string; x: number; y: number }[];
    symbols: DiagramSymbol[];
    conductors: { wire: string; from: string; to: string; path: [number, number][] }[];
    energy: Record<string, Energy>;
    drawn_as: string | null;
    wires: { id: string; from: string; to: string; colour: string; gauge: number }[];
    parts: Record<string, { label: string; observables: string[]; place: string }>;
}

export interface Trace {
    call: Call;
    standing: {
        conditions: Condition[];
        lifted: string[];
        proved_dead: boolean;
        power_still_on: string[];
        highest_volts: number;
        closed: boolean;
    };
    events: LogEvent[];
    meanings: Record<string, { as_healthy: boolean; text: string }>;
    struck: Record<string, string>;
    diagram: Diagram;
    suspects: {
        total: number;
        in_play: number;
        contradiction: boolean;
        groups: { faults: string[]; labels: string[]; probability: number }[];
        more: number;
        found: string[] | null;
    };
    next: Advice[];
    proved: string[];
}

export interface Expected {
    value: number | null;
    display: string;
    refused: string | null;
}
