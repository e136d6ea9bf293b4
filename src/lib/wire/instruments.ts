import { z } from 'zod';

/** What the server has at hand. */
export const presence = z.object({ flowMeter: z.boolean(), receiver: z.boolean() });
/** One reading of the flow meter. */
export const meterReading = z.object({ litresPerMinute: z.number().min(0) });
/** A refusal in words. */
export const refusal = z.object({ error: z.object({ message: z.string() }) });
