import { Navigate, Route, Routes } from 'react-router';
import { useSession } from './api/queries';
import { Day } from './screens/day/day';
import { SignIn } from './screens/sign-in/sign-in';
import { TraceScreen } from './screens/trace/trace-screen';
import { UnitScreen } from './screens/unit/unit-screen';
import { Problem } from './ui/problem';

export function App() {
    const session = useSession();
    if (session.isPending) {
        return <p className="p-6">One moment.</p>;
    }
    if (session.isError) {
        return <Problem error={session.error} retry={() => void session.refetch()} />;
    }
    if (session.data === null) {
        return <SignIn />;
    }
    return (
        <Routes>
            <Route path="/" element={<Day user={session.data} />} />
            <Route path="/units/:id" element={<UnitScreen />} />
            <Route path="/calls/:id" element={<TraceScreen />} />
            <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
    );
}
