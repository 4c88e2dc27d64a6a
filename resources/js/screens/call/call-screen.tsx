import { Navigate, useParams } from 'react-router';
import { useCircuitSheet, useTrace } from '../../api/queries';
import type { CircuitSheet, Trace } from '../../api/shapes';
import { useOutbox } from '../../api/use-outbox';
import { Problem } from '../../ui/problem';
import { Sheet } from '../../ui/sheet';
import { useTitle } from '../../ui/use-title';
import { SignInForm } from '../sign-in/sign-in-form';
import { Status } from '../trace/status';
import { TraceBoard } from '../trace/trace-board';
import { Waiting } from '../trace/waiting';
import { Arrive } from './arrive';
import { Cause } from './cause';
import { HandOver } from './hand-over';
import { JumperClocks } from './jumper-clock';
import { Repair } from './repair';
import { CallRung } from './rung';
import { nextStop, STOPS, type Stop, stopPath } from './stops';
import { Verify } from './verify';

export function CallScreen() {
    const { id = '', stop } = useParams();
    const trace = useTrace(id);
    const sheet = useCircuitSheet(trace.data?.revision);
    const failed = trace.isError ? trace : sheet.isError ? sheet : null;
    if (failed !== null) {
        return <Problem error={failed.error} retry={() => void failed.refetch()} />;
    }
    if (trace.data === undefined || sheet.data === undefined) {
        return <p className="p-6">Drawing the circuit.</p>;
    }
    const here = STOPS.find(([s]) => s === stop)?.[0];
    if (here === undefined) {
        return <Navigate replace to={stopPath(id, nextStop(trace.data))} />;
    }
    return <CallStop key={id} id={id} trace={trace.data} sheet={sheet.data} stop={here} />;
}

/** What every stop of a call is given. */
export interface AtStop {
    trace: Trace;
    sheet: CircuitSheet;
    outbox: ReturnType<typeof useOutbox>;
    /** whether nothing can be written down now */
    disabled: boolean;
}

function CallStop({ id, trace, sheet, stop }: { id: string; trace: Trace; sheet: CircuitSheet; stop: Stop }) {
    const outbox = useOutbox(id);
    const at: AtStop = { trace, sheet, outbox, disabled: outbox.busy || trace.standing.closed || !trace.call.may_change };
    const name = STOPS.find(([s]) => s === stop)?.[1];
    useTitle(`${name} · ${trace.call.unit.name}`);
    return (
        <main className="flex h-dvh flex-col">
            <Status trace={trace} stop={stop} />
            <CallRung trace={trace} stop={stop} />
            <JumperClocks trace={trace} disabled={at.disabled} send={outbox.send} />
            <Waiting outbox={outbox} />
            {stop === 'trace' ? <TraceBoard id={id} {...at} /> : <OtherStop stop={stop} at={at} />}
            <Sheet open={outbox.error?.isExpired === true} onOpenChange={() => {}} title="Sign in again">
                <p className="mb-4">Your session has ended. What you entered is kept and goes in as soon as you sign in.</p>
                <SignInForm onDone={() => void outbox.flush()} />
            </Sheet>
        </main>
    );
}

function OtherStop({ stop, at }: { stop: Exclude<Stop, 'trace'>; at: AtStop }) {
    switch (stop) {
        case 'arrive':
            return <Arrive {...at} />;
        case 'cause':
            return <Cause {...at} />;
        case 'repair':
            return <Repair {...at} />;
        case 'verify':
            return <Verify {...at} />;
        case 'hand-over':
            return <HandOver {...at} />;
    }
}
