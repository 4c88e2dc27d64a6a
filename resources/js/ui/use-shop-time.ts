import { useSession } from '../api/queries';

/** How moments are told where the shop is, wherever the screen is. */
export function useShopTime() {
    const timeZone = useSession().data?.timezone;
    const told = (options: Intl.DateTimeFormatOptions) => {
        const format = new Intl.DateTimeFormat(undefined, { ...options, timeZone });
        return (iso: string) => format.format(new Date(iso));
    };
    const date = told({ year: 'numeric', month: '2-digit', day: '2-digit' });
    return {
        time: told({ hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }),
        day: told({ day: 'numeric', month: 'short' }),
        weekday: told({ weekday: 'short', day: 'numeric', month: 'short' }),
        isToday: (iso: string) => date(iso) === date(new Date().toISOString()),
    };
}
