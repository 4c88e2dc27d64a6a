import { useState } from 'react';
import { Sheet } from '../../ui/sheet';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    from: string;
    to: string;
    disabled: boolean;
    /** why it was refused, when it was */
    problem: string | null;
    put: (reason: string) => void;
}

/** A jumper wire between the points of the two probes: on with a reason, and in sight until it is off. */
export function JumperSheet({ open, onOpenChange, from, to, disabled, problem, put }: Props) {
    const [reason, setReason] = useState('');
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Put a jumper on">
            <form
                className="grid gap-3"
                onSubmit={(e) => {
                    e.preventDefault();
                    put(reason);
                }}
            >
                <p className="font-bold font-mono text-lg">
                    {from} – {to}
                </p>
                <p className="border-ink border-l-8 pl-3">
                    Never around a gas valve, a limit, a roll-out or a draft switch, not for a test either. Fused, for as long as
                    you stand beside it, as the maker and local codes allow.
                </p>
                <label className="grid gap-1">
                    Why
                    <input className="field" name="reason" required value={reason} onChange={(e) => setReason(e.target.value)} />
                </label>
                {problem !== null && (
                    <p role="alert" className="font-bold">
                        {problem}
                    </p>
                )}
                <button type="submit" className="key" data-strong="true" disabled={disabled}>
                    It is on
                </button>
            </form>
        </Sheet>
    );
}
