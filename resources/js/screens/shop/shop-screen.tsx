import { useChangeHabit, useHabits, usePreferUnits, useSignOut } from '../../api/queries';
import type { User } from '../../api/shapes';
import { Places } from '../../ui/places';
import { Problem } from '../../ui/problem';
import { useTitle } from '../../ui/use-title';

/** What someone prefers, and who is signed in. */
export function ShopScreen({ user }: { user: User }) {
    const prefer = usePreferUnits();
    const signOut = useSignOut();
    useTitle('Shop');
    return (
        <div className="mx-auto min-h-full max-w-[1280px]">
            <Places />
            <main className="px-4 pb-8">
                <h1 className="pt-5 pb-1 font-bold text-3xl">{user.shop}</h1>
                <p className="pb-4">
                    {user.name}, {user.role}
                </p>
                <h2 className="heading pb-2">Units you read in</h2>
                <div className="grid max-w-[640px] gap-3">
                    {user.preferences.map(({ dimension, units }) => (
                        <fieldset key={dimension} className="grid gap-2 sm:grid-cols-[14rem_1fr] sm:items-center">
                            <legend className="contents">
                                <span className="first-letter:uppercase">{dimension}</span>
                            </legend>
                            <span className="flex flex-wrap gap-2">
                                {units.map((unit) => (
                                    <button
                                        key={unit}
                                        type="button"
                                        className="key"
                                        data-unit={`${dimension}: ${unit}`}
                                        aria-pressed={user.units[dimension] === unit}
                                        data-on={user.units[dimension] === unit}
                                        onClick={() => prefer.mutate({ ...user.units, [dimension]: unit })}
                                    >
                                        {unit}
                                    </button>
                                ))}
                            </span>
                        </fieldset>
                    ))}
                </div>
                {prefer.error !== null && (
                    <p role="alert" className="mt-3 border-ink border-l-8 pl-3 font-bold">
                        {prefer.error.message}
                    </p>
                )}
                <HabitList />
                <button type="button" className="key mt-8" onClick={() => signOut.mutate()}>
                    Sign out
                </button>
            </main>
        </div>
    );
}

/** Where careful people differ: what this shop does, for a lead to say. */
function HabitList() {
    const habits = useHabits();
    const change = useChangeHabit();
    const problem = habits.error ?? change.error;
    return (
        <>
            <h2 className="heading pt-8 pb-2">What this shop does, and its limits</h2>
            {problem !== null && <Problem error={problem} retry={() => void habits.refetch()} />}
            <div className="grid max-w-[840px] gap-4">
                {(habits.data?.habits ?? []).map(({ habit, choices, chosen, why, acts }) => (
                    <fieldset key={habit} className="grid gap-2 sm:grid-cols-[14rem_1fr]">
                        <legend className="contents">
                            <span className="pt-2 first-letter:uppercase">{habit}</span>
                        </legend>
                        <span className="flex flex-wrap gap-2">
                            {habits.data?.may_change !== true && <span className="pt-2 font-bold">{chosen}</span>}
                            {(habits.data?.may_change === true ? choices : []).map((choice) => (
                                <button
                                    key={choice}
                                    type="button"
                                    className="key"
                                    data-habit={`${habit}: ${choice}`}
                                    aria-pressed={choice === chosen}
                                    data-on={choice === chosen}
                                    onClick={() => change.mutate({ habit, choice })}
                                >
                                    {choice}
                                </button>
                            ))}
                            <span className="basis-full">
                                Usual: {choices[0]}. {why} <span className="text-quiet">{acts}</span>
                            </span>
                        </span>
                    </fieldset>
                ))}
            </div>
            {habits.data?.may_change === false && <p className="pt-2">A lead changes these.</p>}
        </>
    );
}
