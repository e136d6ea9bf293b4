import type { Issue } from '$core';
import { wordIssue } from '$lib/wording/issues';

/**
 * One typed field: keeps what was typed until it is taken. When it is refused the text stays, with what is wrong. The
 * value shown is the kept one unless somebody is typing.
 */
export class TextField {
	readonly #commit: (text: string) => Promise<readonly Issue[]>;
	readonly #kept: () => string;
	#draft = $state<string | null>(null);
	problem = $state<string | null>(null);

	constructor(kept: () => string, commit: (text: string) => Promise<readonly Issue[]>) {
		this.#kept = kept;
		this.#commit = commit;
	}

	/** What is kept is handed on again as it stands: in another unit it is another amount. */
	touch(): void {
		this.#draft ??= this.#kept();
		this.#again = true;
	}
	#again = false;

	get text(): string {
		return this.#draft ?? this.#kept();
	}

	set text(value: string) {
		this.#draft = value;
	}

	/** Hands the text on. Empty or unchanged text is nothing to hand on. Returns whether the field holds no error. */
	async commit(): Promise<boolean> {
		const text = this.#draft?.trim() ?? '';
		const again = this.#again;
		this.#again = false;
		if (this.#draft === null || text === '' || (text === this.#kept() && !again)) {
			this.#draft = null;
			this.problem = null;
			return true;
		}
		const issues = await this.#commit(text);
		this.problem = issues[0] ? wordIssue(issues[0]) : null;
		if (issues.length === 0) this.#draft = null;
		return issues.length === 0;
	}
}
