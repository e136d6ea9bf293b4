import { m } from '$words';
/** Said of what was typed for a day and is none. */
export const notADay = () => m.that_is_not_a_day_write();
