import type { RefObject } from 'react';
import { useExpected } from '../../api/queries';
import { useTouch } from '../../ui/use-media';
import { goesOnWires, UNIT } from './functions';
import { Keypad } from './keypad';
import type { MeterInHand } from './use-meter';

interface Props {
    call: string;
    /** changes with whatever changes what a healthy unit shows */
    stamp: number;
    /** what a healthy unit shows at most as it starts, where that is asked for; else null: what it shows as it stands */
    most: { display: string; enters: string } | null;
    hand: MeterInHand;
    setEntered: (text: string) => void;
    keep: (text: string) => void;
    prove: () => void;
    disabled: boolean;
    field: RefObject<HTMLInputElement | null>;
}

/** What the meter shows: one field, one key for what a healthy unit shows, one for OL, one to keep it. Always in reach. */
export function ReadingDock({ call, stamp, most, hand, setEntered, keep, prove, disabled, field }: Props) {
    const { meter, entered } = hand;
    const { red, black } = meter.probes;
    const touch = useTouch();
    const around = goesOnWires(meter.fn);
    const stands = useExpected(call, { fn: meter.fn, red, black: around ? '' : black, turns: hand.turns }, stamp, most === null);
    const refused = most === null ? (stands.data?.refused ?? null) : null;
    const healthy = most ?? (stands.data === undefined || refused !== null ? null : stands.data);
    const placed = red !== null && (around || black !== null);
    const ready = placed && !disabled && refused === null;
    return (
        <form
            aria-label="Meter"
            className="shrink-0 border-ink border-t-2 bg-margin px-4 py-1.5 low:w-[46%] low:overflow-y-auto low:border-t-0 low:border-l-2"
            onSubmit={(e) => {
                e.preventDefault();
                if (ready && entered.trim() !== '') {
                    keep(entered);
                }
            }}
        >
            {refused !== null ? (
                <div role="alert" className="border-ink border-l-8 pl-3">
                    <p className="font-bold">{refused}</p>
                    <p>A meter on ohms across a live circuit burns, and so does the hand that holds it.</p>
                    <button type="button" className="key mt-2" data-strong="true" onClick={prove}>
                        Prove it dead
                    </button>
                </div>
            ) : (
                <>
                    <div className="flex items-center gap-3">
                        <p className="min-w-0 flex-1 leading-tight">
                            {placed
                                ? `Healthy shows ${most === null ? '' : 'at most '}`
                                : around
                                  ? 'Choose the wire.'
                                  : 'Tap two points, or find them.'}
                            {placed && (
                                <strong className="block font-mono text-lg tabular-nums" data-expected>
                                    {healthy?.display ?? '…'}
                                </strong>
                            )}
                            {most === null && stands.isError && <span role="alert"> {stands.error.message}</span>}
                        </p>
                        <label className="reading-field">
                            <span className="sr-only">Reading</span>
                            <input
                                ref={field}
                                name="reading"
                                inputMode={touch ? 'none' : 'decimal'}
                                autoComplete="off"
                                placeholder="reading"
                                className="reading"
                                value={entered}
                                onChange={(e) => setEntered(e.target.value)}
                            />
                            <span className="pr-3 text-quiet text-xl">{UNIT[meter.fn]}</span>
                        </label>
                        {touch && (
                            <button
                                type="button"
                                className="key px-3 text-lg"
                                aria-label="Take back a digit"
                                disabled={entered === ''}
                                onClick={() => setEntered(entered.slice(0, -1))}
                            >
                                ⌫
                            </button>
                        )}
                    </div>
                    {touch ? (
                        <Keypad
                            fn={meter.fn}
                            entered={entered}
                            setEntered={setEntered}
                            healthy={healthy?.enters ?? null}
                            ready={ready && entered.trim() !== ''}
                        />
                    ) : (
                        <div className="mt-2 grid grid-cols-[auto_auto_1fr] gap-2">
                            <button
                                type="button"
                                data-as-expected
                                className="key"
                                disabled={healthy === null}
                                onClick={() => setEntered(healthy?.enters ?? '')}
                            >
                                as healthy
                            </button>
                            <button type="button" className="key px-3" onClick={() => setEntered('OL')}>
                                OL
                            </button>
                            <button
                                type="submit"
                                className="key min-h-[52px] text-lg"
                                data-keep
                                data-strong="true"
                                disabled={!ready || entered.trim() === ''}
                            >
                                Keep the reading
                            </button>
                        </div>
                    )}
                </>
            )}
        </form>
    );
}
