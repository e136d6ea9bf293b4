import { m } from '$words';
export type MeterReading =
	{ readonly ok: true; readonly litresPerMinute: number } | { readonly ok: false; readonly problem: string };

/** A flow meter that the farm's server can reach. */
export interface FlowMeter {
	present(): Promise<boolean>;
	/** The flow of one nozzle now. */
	read(nozzle: number): Promise<MeterReading>;
}

/** The schemas come after the first view: nothing that is looked at waits for them. */
const wire = () => import('$lib/wire/instruments');

/** What the server has at hand: asked once, and nothing where it cannot be asked. */
export async function instruments(fetcher: typeof fetch): Promise<{ flowMeter: boolean; receiver: boolean }> {
	try {
		const response = await fetcher('/api/instruments', { signal: AbortSignal.timeout(3000) });
		const read = (await wire()).presence.safeParse(await response.json());
		return read.success ? read.data : { flowMeter: false, receiver: false };
	} catch {
		return { flowMeter: false, receiver: false };
	}
}

/** The meter as the server reads it. */
export class ServerFlowMeter implements FlowMeter {
	readonly #fetch: typeof fetch;
	constructor(fetcher: typeof fetch) {
		this.#fetch = fetcher;
	}

	async present(): Promise<boolean> {
		return (await instruments(this.#fetch)).flowMeter;
	}

	async read(nozzle: number): Promise<MeterReading> {
		try {
			const response = await this.#fetch(`/api/flow-meter?nozzle=${nozzle}`, { signal: AbortSignal.timeout(5000) });
			const body: unknown = await response.json();
			const { meterReading, refusal } = await wire();
			const read = meterReading.safeParse(body);
			if (response.ok && read.success) return { ok: true, litresPerMinute: read.data.litresPerMinute };
			const refused = refusal.safeParse(body);
			return { ok: false, problem: refused.success ? refused.data.error.message : m.flow_meter_answered_nonsense() };
		} catch {
			return { ok: false, problem: m.flow_meter_not_asked() };
		}
	}
}
