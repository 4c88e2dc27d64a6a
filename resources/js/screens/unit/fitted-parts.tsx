import { Link } from 'react-router';
import { useFittedParts } from '../../api/queries';
import { Problem } from '../../ui/problem';
import { useShopTime } from '../../ui/use-shop-time';

/** What was fitted to a unit, by whom and when: the last first. */
export function FittedParts({ unit }: { unit: number }) {
    const fitted = useFittedParts(unit);
    const { date } = useShopTime();
    if (fitted.isError) {
        return <Problem error={fitted.error} retry={() => void fitted.refetch()} />;
    }
    return (
        <section aria-label="Parts fitted">
            <h2 className="heading px-4 pt-5 pb-1">Parts fitted</h2>
            {fitted.data?.parts.length === 0 && <p className="px-4 py-2 text-quiet">None, as far as this shop knows.</p>}
            <ul className="border-rule border-t">
                {fitted.data?.parts.map((one) => (
                    <li key={`${one.call} ${one.part} ${one.at}`} className="border-rule border-b px-4 py-2 leading-snug">
                        <strong>{one.label}</strong>
                        {one.fitted !== '' && `: ${one.fitted}`}
                        {one.serial !== '' && <span className="font-mono"> {one.serial}</span>}
                        <span className="block text-quiet text-sm">
                            {date(one.at)}, {one.by},{' '}
                            <Link
                                className="inline-flex min-h-[44px] items-center underline underline-offset-4"
                                to={`/calls/${one.call}/repair`}
                            >
                                call {one.number}
                            </Link>
                        </span>
                        {one.differs.map((words) => (
                            <span key={words} className="block text-odd">
                                ! {words}
                            </span>
                        ))}
                    </li>
                ))}
            </ul>
        </section>
    );
}
