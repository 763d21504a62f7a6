import dayjs from 'dayjs';

/** Today as YYYY-MM-DD in local time. */
export function today(): string {
  return dayjs().format('YYYY-MM-DD');
}

/** A date as read aloud: Tuesday 3 March 2026. */
export function longDate(date: string): string {
  return dayjs(date).format('dddd D MMMM YYYY');
}

/** The time of day of a moment, local: 14:05. */
export function clockTime(at: string | number): string {
  return dayjs(at).format('HH:mm');
}

/** A moment as read aloud: Tuesday 3 March 2026, 14:05. */
export function longTime(at: string | number): string {
  return dayjs(at).format('dddd D MMMM YYYY, HH:mm');
}
