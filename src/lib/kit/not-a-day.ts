/** Said of what was typed for a day and is none. */
export const notADay = 'That is not a day. Write it like 14 Mar 2026.';
