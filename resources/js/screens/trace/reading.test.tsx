import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { createRef } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import { Inside } from '../../testing/inside';
import { anAdvice, anEvent, aPart, aSheet, aTrace } from '../../testing/shapes';
import { Keypad } from './keypad';
import { Leads } from './leads';
import { LastMeaning } from './meaning';
import { MeterHead } from './meter-head';
import { ReadingDock } from './reading-dock';
import { useMeter } from './use-meter';

afterEach(() => {
    cleanup();
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

const sheet = aSheet({
    parts: [
        aPart('HP', { label: 'High-pressure switch', place: 'outdoor unit' }),
        aPart('LV', { label: 'Low-voltage strip', points: ['LV.C'], place: 'air handler' }),
    ],
    wires: [
        { id: 'w1', colour: 'yellow', from: 'LV.Y', to: 'HP.1', gauge: 18, bundle: '' },
        { id: 'w2', colour: 'pink', from: 'HP.2', to: 'LP.1', gauge: 18, bundle: '' },
    ],
});

const answers = (answer: unknown) =>
    vi.stubGlobal('fetch', vi.fn().mockResolvedValue(new Response(JSON.stringify(answer), { status: 200 })));

interface Asked {
    keep: (text: string) => void;
    prove: () => void;
    black?: string | null;
    most?: { display: string; enters: string } | null;
}

/** The meter as the board has it, on an advised test. */
function Dock({ keep, prove, black = 'CC.B', most = null }: Asked) {
    const hand = useMeter([anAdvice({ function: 'vac' })]);
    return (
        <>
            <button type="button" onClick={() => hand.on({ red: 'CC.A', black })}>
                own
            </button>
            <ReadingDock
                call="7"
                stamp={0}
                most={most}
                hand={hand}
                setEntered={hand.setEntered}
                keep={keep}
                prove={prove}
                disabled={false}
                field={createRef()}
            />
        </>
    );
}

const dock = (answer: unknown, black?: string | null) => {
    answers(answer);
    const calls = { keep: vi.fn(), prove: vi.fn() };
    render(<Dock {...calls} {...(black === undefined ? {} : { black })} />, { wrapper: Inside });
    return calls;
};

const field = () => screen.getByLabelText(/^Reading/) as HTMLInputElement;

it('shows what a healthy unit reads, fills it in on one key, and keeps what is typed', async () => {
    const { keep } = dock({ value: 26.34, display: '26.3 V', enters: '26.3V', refused: null });
    await screen.findByText('26.3 V');
    fireEvent.click(screen.getByText('as healthy'));
    expect(field().value).toBe('26.3V');
    fireEvent.click(screen.getByText('OL'));
    expect(field().value).toBe('OL');
    fireEvent.change(field(), { target: { value: '26.4' } });
    fireEvent.submit(field().form as HTMLFormElement);
    expect(keep).toHaveBeenCalledWith('26.4');
});

it('shows what a healthy unit shows at most as it starts, where that is asked for, and not what it shows as it stands', () => {
    answers({ value: 0.391, display: '391 mV', enters: '391mV', refused: null });
    const keep = vi.fn();
    render(<Dock keep={keep} prove={vi.fn()} most={{ display: '592 mV', enters: '592mV' }} />, { wrapper: Inside });
    expect(screen.getByText(/Healthy shows at most/).textContent).toContain('592 mV');
    fireEvent.click(screen.getByText('as healthy'));
    fireEvent.submit(field().form as HTMLFormElement);
    expect(keep).toHaveBeenCalledWith('592mV');
    expect(fetch).not.toHaveBeenCalled();
});

it('keeps nothing that is empty, however often Enter is pressed', async () => {
    const { keep } = dock({ value: 0, display: 'about 0 V', enters: '0', refused: null });
    await screen.findByText('about 0 V');
    fireEvent.submit(field().form as HTMLFormElement);
    expect(keep).not.toHaveBeenCalled();
});

it('refuses a dead test with the reason and the way out beside it', async () => {
    const { prove } = dock({ value: null, display: '', enters: '', refused: 'Not proved dead.' });
    expect((await screen.findByRole('alert')).textContent).toContain('Not proved dead.');
    fireEvent.click(screen.getByText('Prove it dead'));
    expect(prove).toHaveBeenCalled();
    expect(screen.queryByText('Keep the reading')).toBeNull();
});

it('keeps nothing while a lead is in the air', () => {
    dock({}, null);
    fireEvent.click(screen.getByText('own'));
    fireEvent.change(field(), { target: { value: '5' } });
    expect((screen.getByText('Keep the reading') as HTMLButtonElement).disabled).toBe(true);
    expect(screen.getByText(/Tap two points/)).toBeTruthy();
});

it('types a reading by thumb: digits, a point, thousands, nothing, what a healthy unit shows', () => {
    const setEntered = vi.fn();
    const pad = (entered: string, fn: 'ohms' | 'vac' | 'vdc' = 'ohms') => {
        cleanup();
        render(<Keypad fn={fn} entered={entered} setEntered={setEntered} healthy="26.7V" ready />);
        return (key: string) => {
            fireEvent.click(screen.getByText(key));
            return setEntered.mock.lastCall?.[0];
        };
    };
    expect(pad('')('7')).toBe('7');
    expect(pad('7')('3')).toBe('73');
    expect(pad('')('.')).toBe('0.');
    expect(pad('1.2')('k · M')).toBe('1.2k');
    expect(pad('1.2k')('k · M')).toBe('1.2M');
    expect(pad('1.2M')('k · M')).toBe('1.2');
    expect(pad('OL')('4')).toBe('4');
    expect(pad('9')('about 0')).toBe('0');
    expect(pad('9')('as healthy')).toBe('26.7V');
    expect(pad('9')('OL')).toBe('OL');
    expect(pad('480', 'vdc')('mV')).toBe('480mV');
    expect(pad('480mV', 'vdc')('mV')).toBe('480');
    pad('1.2', 'vac');
    expect((screen.getByText('k · M') as HTMLButtonElement).disabled).toBe(true);
    expect((screen.getByText('.') as HTMLButtonElement).disabled).toBe(true);
});

it('says where the leads go: part, terminal, colour; the place where they are apart', () => {
    const setLead = vi.fn();
    const { container, rerender } = render(
        <Leads sheet={sheet} probes={{ red: 'HP.1', black: 'HP.2' }} lead="red" setLead={setLead} />,
    );
    const said = () => [...container.querySelectorAll('[data-lead]')].map((l) => l.textContent);
    expect(said()).toEqual(['red lead: RHigh-pressure switch HP.1yellow', 'black lead: BHigh-pressure switch HP.2pink']);
    rerender(<Leads sheet={sheet} probes={{ red: 'HP.1', black: 'LV.C' }} lead="red" setLead={setLead} />);
    expect(said()).toEqual([
        'red lead: RHigh-pressure switch HP.1yellowoutdoor unit',
        'black lead: BLow-voltage strip LV.Cair handler',
    ]);
    fireEvent.click(container.querySelector('[data-lead=black]') as Element);
    expect(setLead).toHaveBeenCalledWith('black');
});

function Head() {
    const hand = useMeter([anAdvice({ function: 'vac', red: 'HP.1', black: 'HP.2' })]);
    return (
        <>
            <button type="button" onClick={hand.take}>
                take
            </button>
            <MeterHead hand={hand} sheet={sheet} find={() => {}} jumper={() => {}} backToAdvice={hand.fresh} />
            <output>{`${hand.meter.fn} ${hand.meter.probes.red} ${hand.meter.probes.black}`}</output>
        </>
    );
}

it('turns the selector of a meter taken in the hand, and gives it back to the next test', () => {
    render(<Head />);
    const out = () => screen.getByRole('status').textContent;
    expect(screen.queryByText('More')).toBeNull();
    fireEvent.click(screen.getByText('take'));
    fireEvent.click(screen.getByText('Ω'));
    expect(out()).toBe('ohms HP.1 HP.2');
    fireEvent.click(screen.getByText('A~'));
    expect(out()).toBe('amps null null');
    fireEvent.change(screen.getByLabelText('Wire'), { target: { value: 'w2' } });
    expect(out()).toBe('amps w2 null');
    fireEvent.click(screen.getByText('Next test'));
    expect(out()).toBe('vac HP.1 HP.2');
});

it('lets a reading be taken back for ten seconds after it was kept, and no longer', () => {
    vi.useFakeTimers();
    const send = vi.fn().mockResolvedValue(true);
    const event = (id: string) => anEvent({ id, meaning: { as_healthy: true, text: 'Cleared: Contactor; 3 suspects left.' } });
    const meant = (...ids: string[]) => (
        <LastMeaning trace={aTrace({ events: ids.map(event) })} settling={null} circuit={sheet} disabled={false} send={send} />
    );
    const { rerender } = render(meant('a'));
    expect(screen.getByText('✓ As healthy.')).toBeTruthy();
    expect(screen.queryByText('Undo')).toBeNull();
    rerender(meant('a', 'b'));
    fireEvent.click(screen.getByText('Undo'));
    expect(send).toHaveBeenCalledWith('strike', { event: 'b', reason: 'taken back at once' });
    vi.advanceTimersByTime(10_001);
    rerender(meant('a', 'b'));
    expect(screen.queryByText('Undo')).toBeNull();
});

it('says what a reading meant before what is next is there, and offers nothing to take back by then', () => {
    const settling = {
        event: {
            id: 'x',
            type: 'reading' as const,
            noted_at: '',
            data: { function: 'vac', red: 'CC.A', black: 'CC.B', entered: '26.4' },
        },
        meaning: { as_healthy: true, text: 'Cleared: High-pressure switch; 4 suspects left.' },
    };
    render(<LastMeaning trace={aTrace({ events: [] })} settling={settling} circuit={aSheet()} disabled send={vi.fn()} />);
    expect(screen.getByLabelText('Last reading').textContent).toContain('CC.A → CC.B');
    expect(screen.getByLabelText('Last reading').textContent).toContain(
        'As healthy. Cleared: High-pressure switch; 4 suspects left.',
    );
    expect(screen.queryByRole('button')).toBeNull();
});
