const DAY = 24 * 60 * 60 * 1000;

const midnight = (date: Date) => new Date(date.getFullYear(), date.getMonth(), date.getDate());

function parse(due: string): Date {
    const [year = 0, month = 1, day = 1] = due.split('-').map(Number);
    return new Date(year, month - 1, day);
}

/** Whether it is a day that there is. */
export const isDay = (due: string) => {
    const day = /^\d{4}-\d\d-\d\d$/.test(due) ? parse(due) : null;
    return day !== null && day.getDate() === Number(due.slice(8)) && day.getFullYear() === Number(due.slice(0, 4));
};

function daysUntil(due: string): number {
    return Math.round((parse(due).getTime() - midnight(new Date()).getTime()) / DAY);
}

/** A due date as people say it. */
export function longDay(due: string): string {
    if (!isDay(due)) {
        return 'no readable date';
    }
    const days = daysUntil(due);
    if (days === 0) {
        return 'today';
    }
    if (days === 1) {
        return 'tomorrow';
    }
    return parse(due).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
}

/** The part of the rail that a due date hangs in. Weeks begin on Mondays. */
export function weekOf(due: string): { name: string; urgent: boolean } {
    if (!isDay(due)) {
        return { name: 'Without a date', urgent: true };
    }
    const today = midnight(new Date());
    const days = daysUntil(due);
    const leftOfWeek = 6 - ((today.getDay() + 6) % 7);
    if (days < 0) {
        return { name: 'Overdue', urgent: true };
    }
    if (days <= leftOfWeek) {
        return { name: 'This week', urgent: true };
    }
    return days <= leftOfWeek + 7 ? { name: 'Next week', urgent: false } : { name: 'Later', urgent: false };
}
