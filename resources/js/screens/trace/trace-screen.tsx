import { useParams } from 'react-router';
import { useCircuitSheet, useTrace } from '../../api/queries';
import { Problem } from '../../ui/problem';
import { TraceBoard } from './trace-board';

export function TraceScreen() {
    const { id = '' } = useParams();
    const trace = useTrace(id);
    const sheet = useCircuitSheet(trace.data?.revision);
    const failed = trace.isError ? trace : sheet.isError ? sheet : null;
    if (failed !== null) {
        return <Problem error={failed.error} retry={() => void failed.refetch()} />;
    }
    if (trace.data === undefined || sheet.data === undefined) {
        return <p className="p-6">Drawing the circuit.</p>;
    }
    return <TraceBoard key={id} id={id} trace={trace.data} sheet={sheet.data} />;
}
