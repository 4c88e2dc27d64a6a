import { Navigate, Route, Routes } from 'react-router';
import { useSession } from './api/queries';
import { Day } from './screens/day/day';
import { SignIn } from './screens/sign-in/sign-in';
import { TraceScreen } from './screens/trace/trace-screen';
import { UnitScreen } from './screens/unit/unit-screen';
import { Place } from './ui/place';
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
        return (
            <Place>
                <SignIn />
            </Place>
        );
    }
    const user = session.data;
    return (
        <Routes>
            <Route
                path="/"
                element={
                    <Place>
                        <Day user={user} />
                    </Place>
                }
            />
            <Route
                path="/units/:id"
                element={
                    <Place>
                        <UnitScreen />
                    </Place>
                }
            />
            <Route
                path="/calls/:id"
                element={
                    <Place>
                        <TraceScreen />
                    </Place>
                }
            />
            <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
    );
}
