/** One form of duration: "38 min", "1 h 20". */
export function duration(minutes: number) {
  const m = Math.max(0, Math.ceil(minutes));
  return m < 60 ? `${m} min` : `${Math.floor(m / 60)} h ${String(m % 60).padStart(2, '0')}`;
}

let zone: string | undefined;

/** Dates are shown in the shop's time zone. */
export function setZone(z: string) {
  zone = z;
}

const format = (o: Intl.DateTimeFormatOptions) => {
  try {
    return new Intl.DateTimeFormat('en-GB', { ...o, timeZone: zone });
  } catch {
    return new Intl.DateTimeFormat('en-GB', o);
  }
};

export const clock = (at: string | number) => format({ hour: '2-digit', minute: '2-digit' }).format(new Date(at));
export const dayAndClock = (at: string | number) =>
  format({ weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' }).format(new Date(at));
export const day = (date: string) =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' }).format(
    new Date(`${date}T12:00:00Z`),
  );

/** The shop's day, or the one so many days later, as dates are written to the server. */
export const today = (plus = 0) => {
  const [d, m, y] = format({ year: 'numeric', month: 'numeric', day: 'numeric' })
    .format(new Date())
    .split('/')
    .map(Number);
  return new Date(Date.UTC(y!, m! - 1, d! + plus)).toISOString().slice(0, 10);
};

/** A claim window that runs, in the narrow cells of tabs and as people say it. */
export const daysLeftShort = (days: number) =>
  days < 0 ? `${-days} ${days === -1 ? 'day' : 'days'} over` : daysLeft(days);
export const daysLeft = (days: number) =>
  days < 0
    ? `over by ${-days} ${days === -1 ? 'day' : 'days'}`
    : days === 0
      ? 'last day'
      : `${days} ${days === 1 ? 'day' : 'days'} left`;
