import type { ReactNode } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { useSession } from './api/queries';
import { BenchScreen } from './screens/bench/bench-screen';
import { CallScreen } from './screens/call/call-screen';
import { CircuitScreen } from './screens/circuits/circuit-screen';
import { CircuitsScreen } from './screens/circuits/circuits-screen';
import { FamilyScreen } from './screens/circuits/family-screen';
import { Day } from './screens/day/day';
import { DraftScreen } from './screens/draft/draft-screen';
import { QuickScreen } from './screens/quick/quick-screen';
import { ShopScreen } from './screens/shop/shop-screen';
import { SignIn } from './screens/sign-in/sign-in';
import { UnitScreen } from './screens/unit/unit-screen';
import { UnitsScreen } from './screens/units/units-screen';
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
    const places: [path: string, element: ReactNode][] = [
        ['/', <Day key="day" user={user} />],
        ['/units', <UnitsScreen key="units" />],
        ['/units/:id', <UnitScreen key="unit" />],
        ['/calls/:id', <CallScreen key="call" />],
        ['/calls/:id/:stop', <CallScreen key="call" />],
        ['/circuits', <CircuitsScreen key="circuits" />],
        ['/circuits/family/:family', <FamilyScreen key="family" />],
        ['/circuits/:id', <CircuitScreen key="circuit" />],
        ['/drafts/:id', <DraftScreen key="draft" />],
        ['/quick', <QuickScreen key="quick" />],
        ['/bench', <BenchScreen key="bench" user={user} />],
        ['/bench/:check', <BenchScreen key="bench" user={user} />],
        ['/shop', <ShopScreen key="shop" user={user} />],
    ];
    return (
        <Routes>
            {places.map(([path, element]) => (
                <Route key={path} path={path} element={<Place>{element}</Place>} />
            ))}
            <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
    );
}
