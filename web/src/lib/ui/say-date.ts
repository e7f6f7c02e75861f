const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const minute = new Intl.DateTimeFormat('en-GB', {
  ...{ day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' },
});

/** A day as it is said, where the reader is. */
export function sayDate(date: Date | string): string {
  return day.format(new Date(date));
}

/** A moment as it is said, to the minute, where the reader is. */
export function sayTime(date: Date | string): string {
  return minute.format(new Date(date));
}
