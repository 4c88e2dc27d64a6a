/** Whole shapes of the API with plain values, for tests to vary. */

import type {
    Advice,
    Call,
    CircuitSheet,
    Condition,
    Drawing,
    DrawnState,
    LogEvent,
    OpenItem,
    Part,
    RungContact,
    Trace,
    User,
} from '../api/shapes';

export const aUser = (over: Partial<User> = {}): User => ({
    id: 1,
    name: 'Oda',
    role: 'technician',
    shop: 'Tern Sound Mechanical',
    timezone: 'America/New_York',
    units: {},
    preferences: [],
    ...over,
});

export const aCall = (over: Partial<Call> = {}): Call => ({
    id: 7,
    number: 1042,
    complaint: 'Warm',
    stage: 'open',
    scheduled_for: '2026-11-23T09:00:00Z',
    closed_at: null,
    technician: { id: 1, name: 'Ravi' },
    unit: {
        id: 1,
        name: 'Oven-room cooling unit',
        site_id: 1,
        site: 'Harbour bakery',
        address: '3 Slipway Lane',
        serves: 'oven room',
        critical: '',
        thermostat: 'by the door',
    },
    finding: null,
    events: 0,
    may_change: true,
    open_at: 'seen',
    jumper_since: null,
    left: null,
    left_words: null,
    imported: null,
    ...over,
});

export const aCondition = (name: string, value: boolean, power: boolean, on = 'on', off = 'off'): Condition => ({
    name,
    label: name,
    value,
    says: value ? on : off,
    power,
    on,
    off,
});

export const aPart = (id: string, over: Partial<Part> = {}): Part => ({
    id,
    label: id,
    kind: 'fuse',
    place: 'outdoor unit',
    points: [`${id}.1`, `${id}.2`],
    observables: [],
    signs: ['nothing unusual', 'hot', 'scorched'],
    trips: false,
    plate: [],
    printed: [],
    ...over,
});

export const aDrawing = (over: Partial<Drawing> = {}): Drawing => ({
    width: 300,
    height: 100,
    rails: [],
    points: [],
    symbols: [],
    conductors: [],
    texts: [],
    joints: [],
    ...over,
});

export const aSheet = (over: Partial<CircuitSheet> = {}): CircuitSheet => ({
    title: 'Split cooling',
    drawing: aDrawing(),
    rungs: [],
    parts: [aPart('CC', { label: 'Contactor', points: ['CC.A', 'CC.B'], observables: ['pulled in', 'dropped out'] })],
    wires: [{ id: 'w24', colour: 'orange', from: 'LP.2', to: 'CC.A', gauge: 18, bundle: '' }],
    sequence: [{ at: 0.3, part: 'CC', label: 'Contactor', does: 'pulled in' }],
    quantities: [{ name: 'head_pressure', label: 'Head pressure', units: ['kPa', 'psi', 'bar'] }],
    ...over,
});

export const anOpenItem = (over: Partial<OpenItem> = {}): OpenItem => ({
    type: 'lead',
    key: 'w24',
    label: 'Orange wire w24, LP.2 – CC.A',
    state: 'lifted',
    order: 'Land the orange wire w24, LP.2 – CC.A.',
    undo: 'land it',
    data: { wire: 'w24', lifted: false },
    since: null,
    left: false,
    may_be_left: true,
    ...over,
});

export const nothingDrawn: DrawnState = { points: [], symbols: [], wires: [] };

export const anAdvice = (over: Partial<Advice> = {}): Advice => ({
    kind: 'probe',
    key: 'ohms CC.A CC.B',
    function: 'ohms',
    red: 'CC.A',
    black: 'CC.B',
    title: 'Ohms: CC.A → CC.B',
    why: 'OL leaves the coil. A healthy unit shows 12.0 Ω.',
    expected: '12.0 Ω',
    results: [
        { said: 'OL', likely: 'likely', who: 'Contactor', as_healthy: false },
        { said: '12.0 Ω', likely: 'possible', who: 'nothing wrong', as_healthy: true },
    ],
    healthy: '12.0 Ω',
    enters: '12.0Ω',
    bits: 1,
    minutes: 4.5,
    line_voltage: false,
    dead: true,
    steps: [{ order: 'Red on Contactor CC.A; black on Contactor CC.B.', event: null, data: {}, act: true }],
    choices: [],
    quantity: null,
    place: 'outdoor unit',
    at: 'outdoor',
    ...over,
});

export const anEvent = (over: Partial<LogEvent> = {}): LogEvent => ({
    id: 'a',
    sequence: 1,
    type: 'note',
    data: {},
    by: 'Oda',
    noted_at: '2026-11-23T09:30:00Z',
    meaning: null,
    struck: null,
    verdict: null,
    strikable: true,
    ...over,
});

export const aContact = (
    contact: RungContact['contact'],
    stop: RungContact['stop'],
    over: Partial<RungContact> = {},
): RungContact => ({
    contact,
    stop,
    closed: false,
    open: ['Do it.'],
    waived: null,
    ...over,
});

/** With so many contacts closed, from the left. */
export const aRung = (closed = 0): RungContact[] =>
    (
        [
            ['seen', 'arrive'],
            ['found', 'trace'],
            ['cause', 'cause'],
            ['repaired', 'repair'],
            ['restored', 'repair'],
            ['verified', 'verify'],
            ['told', 'hand-over'],
        ] as const
    ).map(([contact, stop], n) => aContact(contact, stop, n < closed ? { closed: true, open: [] } : {}));

export const aTrace = (over: Partial<Trace> = {}): Trace => ({
    call: aCall(),
    revision: 1,
    standing: aStanding(),
    events: [],
    drawn: nothingDrawn,
    drawn_as: null,
    suspects: theSuspects(),
    next: [],
    proved: [],
    why: [],
    behind: [],
    rung: aRung(),
    open_items: [],
    thermostat: [],
    unexplained: [],
    loads: [],
    more: [],
    account: '',
    past: [],
    ...over,
});

export const theSuspects = (over: Partial<Trace['suspects']> = {}): Trace['suspects'] => ({
    total: 150,
    in_play: 3,
    unexplained: [],
    doubted: null,
    alone: null,
    groups: [],
    more: 0,
    found: null,
    nothing_wrong: 0,
    parts: [],
    alike: [],
    less: 0,
    in_doubt: [],
    together: [],
    nothing_likely: 'unlikely',
    help: '',
    ...over,
});

export const aStanding = (over: Partial<Trace['standing']> = {}): Trace['standing'] => ({
    conditions: [aCondition('breaker', true, true), aCondition('call', true, false)],
    lifted: [],
    proved_dead: false,
    power_still_on: ['breaker'],
    removed: [],
    out_of_reach: [],
    must_run: false,
    put_off: [],
    highest_volts: 240,
    closed: false,
    ...over,
});
