import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useBegin, useMaking } from '../../api/circuits';
import { useUnit } from '../../api/queries';
import { Places } from '../../ui/places';
import { Problem } from '../../ui/problem';
import { useTitle } from '../../ui/use-title';

/** A circuit of a family, made to match the unit by questions; what they do not ask is changed on the drawing afterwards. */
export function FamilyScreen() {
    const { family: id = '' } = useParams();
    const [query] = useSearchParams();
    const forUnit = query.get('unit');
    const making = useMaking();
    const family = making.data?.families.find((f) => f.id === id);
    const begin = useBegin();
    const navigate = useNavigate();
    const [answers, setAnswers] = useState<number[]>([]);
    const [title, setTitle] = useState('');
    useTitle(family?.title ?? 'Circuits');
    return (
        <div className="mx-auto min-h-full max-w-[900px]">
            <Places />
            {making.isError && <Problem error={making.error} retry={() => void making.refetch()} />}
            {making.isSuccess && family === undefined && (
                <p className="p-4">
                    There is no such family.{' '}
                    <Link className="underline" to="/circuits">
                        All circuits
                    </Link>
                </p>
            )}
            {family !== undefined && (
                <main className="px-4 pb-10">
                    <h1 className="pt-5 pb-1 font-bold text-3xl">{family.title}</h1>
                    <p className="pb-4">
                        Look at the unit and say what it has. What is not asked here you change on the drawing afterwards.
                    </p>
                    <form
                        className="grid gap-6"
                        onSubmit={(e) => {
                            e.preventDefault();
                            const chosen = family.questions.map((_, n) => answers[n] ?? 0);
                            begin.mutate(
                                {
                                    family: family.id,
                                    answers: chosen,
                                    ...(forUnit === null ? { title } : { unit: Number(forUnit) }),
                                },
                                { onSuccess: (draft) => void navigate(`/drafts/${draft.id}`) },
                            );
                        }}
                    >
                        {family.questions.map((question, n) => (
                            <fieldset key={question.ask} className="grid gap-2">
                                <legend className="font-bold text-lg">{question.ask}</legend>
                                {question.look !== '' && <p className="text-quiet">{question.look}</p>}
                                <div className="flex flex-wrap gap-2">
                                    {question.answers.map((answer, m) => (
                                        <button
                                            key={answer}
                                            type="button"
                                            className="key"
                                            data-choice={`${n} ${m}`}
                                            data-on={(answers[n] ?? 0) === m}
                                            aria-pressed={(answers[n] ?? 0) === m}
                                            onClick={() => setAnswers((now) => Object.assign([...now], { [n]: m }))}
                                        >
                                            {answer}
                                        </button>
                                    ))}
                                </div>
                            </fieldset>
                        ))}
                        {forUnit === null ? (
                            <label className="grid gap-1">
                                What this circuit is to be called
                                <input
                                    className="field"
                                    name="title"
                                    required
                                    maxLength={120}
                                    placeholder="maker, series, what is special about it"
                                    value={title}
                                    onChange={(e) => setTitle(e.target.value)}
                                />
                            </label>
                        ) : (
                            <ForUnit id={forUnit} />
                        )}
                        {begin.error !== null && (
                            <p role="alert" className="border-ink border-l-8 pl-3 font-bold">
                                {begin.error.message}
                            </p>
                        )}
                        <button type="submit" className="key justify-self-start" data-strong="true" disabled={begin.isPending}>
                            Draw it
                        </button>
                    </form>
                </main>
            )}
        </div>
    );
}

function ForUnit({ id }: { id: string }) {
    const unit = useUnit(id);
    return unit.data === undefined ? null : (
        <p>
            It becomes the circuit of <strong>{unit.data.name}</strong>, {unit.data.site.name}, once it is saved.
        </p>
    );
}
