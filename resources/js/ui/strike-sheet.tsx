import { useState } from 'react';
import { Sheet } from './sheet';

interface Props {
    open: boolean;
    close: () => void;
    /** whether it was struck out */
    strike: (reason: string) => Promise<boolean>;
    /** why the last try failed */
    error?: Error | null;
}

/** A wrong line is struck out with a reason, never erased. */
export function StrikeSheet({ open, close, strike, error }: Props) {
    const [reason, setReason] = useState('');
    return (
        <Sheet open={open} onOpenChange={(o) => !o && close()} title="Strike it out">
            <form
                className="grid gap-3"
                onSubmit={(e) => {
                    e.preventDefault();
                    void strike(reason).then((done) => {
                        if (done) {
                            close();
                            setReason('');
                        }
                    });
                }}
            >
                <p>It stays in the record, struck through, and no longer counts as evidence.</p>
                <label className="grid gap-1">
                    Why
                    <input className="field" name="reason" required value={reason} onChange={(e) => setReason(e.target.value)} />
                </label>
                {error != null && (
                    <p role="alert" className="border-odd border-l-8 pl-3 font-bold">
                        {error.message}
                    </p>
                )}
                <button type="submit" className="key" data-strong="true">
                    Strike it out
                </button>
            </form>
        </Sheet>
    );
}
