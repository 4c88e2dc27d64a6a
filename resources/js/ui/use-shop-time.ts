import { useSession } from '../api/queries';

const DAY = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });

/** How moments are told where the shop is, wherever the screen is. */
export function useShopTime() {
    const timeZone = useSession().data?.timezone;
    const told = (options: Intl.DateTimeFormatOptions) => {
        const format = new Intl.DateTimeFormat(undefined, { ...options, timeZone });
        return (iso: string) => format.format(new Date(iso));
    };
    const date = told({ day: 'numeric', month: 'short', year: 'numeric' });
    return {
        time: told({ hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }),
        day: told({ day: 'numeric', month: 'short' }),
        date,
        moment: told({ dateStyle: 'medium', timeStyle: 'short' }),
        month: told({ month: 'short', year: '2-digit' }),
        /** a day of the shop, which is that day wherever the screen is */
        dayOf: (isoDay: string) => DAY.format(new Date(`${isoDay}T12:00:00Z`)),
        isToday: (iso: string) => date(iso) === date(new Date().toISOString()),
    };
}
