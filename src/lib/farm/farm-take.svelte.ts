import { m } from '$words';
/** What came of sending a file: rows by table, or why it was refused. */
export type TakeAnswer =
	| {
			readonly ok: true;
			readonly name: string;
			readonly counts: Readonly<Record<string, number>>;
			readonly before?: string | null;
	  }
	| { readonly ok: false; readonly message: string };

/** What a file of a farm has to be besides a zip. */
const mostBytes = 1024 ** 3;

/** Taking a whole farm in: a file is picked, and where something is here already its name is typed before it goes. */
export class FarmTakeState {
	readonly #send: (file: Blob, replace: boolean) => Promise<TakeAnswer>;
	/** Nothing was entered here yet, so there is nothing to lose. */
	readonly empty: boolean;
	readonly farm: string;
	file = $state.raw<{ readonly name: string; readonly size: number } | null>(null);
	typed = $state('');
	busy = $state(false);
	answer = $state.raw<TakeAnswer | null>(null);
	#blob: Blob | null = null;

	constructor(farm: string, empty: boolean, send: (file: Blob, replace: boolean) => Promise<TakeAnswer>) {
		this.farm = farm;
		this.empty = empty;
		this.#send = send;
	}

	pick(file: (Blob & { readonly name: string }) | undefined): void {
		if (!file) return;
		this.answer = null;
		this.#blob = file;
		this.file = { name: file.name, size: file.size };
	}

	/** Why it cannot go yet; empty where it can. */
	problem: string = $derived.by(() => {
		if (!this.file) return '';
		if (!/\.zip$/i.test(this.file.name)) return m.is_no_zip_take_the_file({ name: this.file.name });
		if (this.file.size > mostBytes) return m.is_over_1_gb({ name: this.file.name });
		return '';
	});
	ready: boolean = $derived.by(
		() =>
			this.file !== null &&
			this.problem === '' &&
			!this.busy &&
			(this.empty || this.typed.trim().toLowerCase() === this.farm.trim().toLowerCase())
	);

	async take(): Promise<void> {
		if (!this.ready || !this.#blob) return;
		this.busy = true;
		try {
			this.answer = await this.#send(this.#blob, !this.empty);
		} catch {
			this.answer = {
				ok: false,
				message: m.the_server_did_not_answer_nothing()
			};
		} finally {
			this.busy = false;
		}
	}
}
