import { useParams } from 'react-router';
import { useTrace } from '../../api/queries';
import { Problem } from '../../ui/problem';
import { TraceBoard } from './trace-board';

export function TraceScreen() {
    const { id = '' } = useParams();
    const trace = useTrace(id);
    if (trace.isPending) {
        return <p className="p-6">Drawing the circuit.</p>;
    }
    if (trace.isError) {
        return <Problem error={trace.error} retry={() => void trace.refetch()} />;
    }
    return <TraceBoard key={id} id={id} trace={trace.data} />;
}
