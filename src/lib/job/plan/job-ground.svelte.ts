import type { JobBlock, TypedPart } from '$core';
import { blockPart, readBlock, readNumber, readShare, showFigure, tidyText } from '$core';
import { outlinedArea } from '$lib/forms/block';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, typed } from '$lib/settings/field-units';
import type { GroundBlock } from '$lib/wire/job-source';
import { keptText } from '$lib/settings/typed-text';

/** A picked block as it is typed: which part of it, all as text. */
interface Picked {
	by: TypedPart['by'];
	share: string;
	from: string;
	to: string;
	width: string;
	length: string;
}

/** The number of a row; NaN where there is none. */
const rowNumber = (text: string): number => {
	const value = readNumber(tidyText(text), false);
	return typeof value === 'number' ? value : NaN;
};

/** The ground of a job as it is picked, block by block, whole or a part. */
export class JobGround {
	readonly #blocks: readonly (GroundBlock & {
		readonly rows: JobBlock['rows'];
		readonly spacing: number | null;
	})[];
	readonly #settings: FarmSettings;
	picked = $state<Record<string, Picked>>({});

	constructor(blocks: readonly GroundBlock[], settings: FarmSettings) {
		this.#settings = settings;
		this.#blocks = blocks.map((b) => {
			const read = readBlock(b.block, outlinedArea(b.block.boundary));
			const numbers = read.ok ? read.value : null;
			return { ...b, rows: numbers?.rows ?? null, spacing: numbers?.spacing ?? null };
		});
	}

	knows = (id: string): boolean => this.#blocks.some((b) => b.id === id);
	/** Rows that a block has; null where it is not told by rows. */
	rowsOf = (id: string): number | null => this.#blocks.find((b) => b.id === id)?.rows?.count ?? null;

	toggle(id: string): void {
		if (this.picked[id]) {
			delete this.picked[id];
			return;
		}
		const rows = this.rowsOf(id);
		this.picked[id] = { by: 'share', share: '100', from: '1', to: `${rows ?? ''}`, width: '', length: '' };
	}

	/** Picks the ground of a job that is planned already. A part of a block that the farm has no more is left out. */
	begin(blocks: readonly JobBlock[]): void {
		const { decimalComma } = this.#settings;
		const unit = fieldUnits(this.#settings).side;
		for (const { id, share, part } of blocks) {
			if (!this.knows(id) || this.picked[id]) continue;
			this.toggle(id);
			const picked = this.picked[id]!;
			if (part?.by === 'rows') Object.assign(picked, { by: 'rows', from: `${part.from}`, to: `${part.to}` });
			else if (part?.by === 'strips')
				Object.assign(picked, {
					by: 'strips',
					width: keptText(part.width, unit, this.#settings),
					length: keptText(part.length, unit, this.#settings)
				});
			else picked.share = showFigure(share * 100, 6, decimalComma);
		}
	}

	#part({ by, share, from, to, width, length }: Picked): TypedPart {
		const unit = fieldUnits(this.#settings).side;
		switch (by) {
			case 'share':
				return { by, share: readShare(share) };
			case 'rows':
				return { by, from: rowNumber(from), to: rowNumber(to) };
			case 'strips':
				return { by, width: typed(width, unit, this.#settings), length: typed(length, unit, this.#settings) };
		}
	}

	/** In the order in which the farm lists its blocks; a part that does not read has no share. */
	blocks: readonly JobBlock[] = $derived.by(() =>
		this.#blocks.flatMap(({ id, block, area, rows, spacing }): JobBlock[] => {
			const picked = this.picked[id];
			if (!picked) return [];
			const part = this.#part(picked);
			const read = blockPart(part, area, rows?.count ?? null);
			const share = read.ok ? read.value.share : NaN;
			return [
				{
					id,
					name: block.name,
					kind: block.kind,
					area,
					share,
					...(part.by === 'share' ? {} : { part }),
					rows,
					spacing,
					neighbours: block.neighbours
				}
			];
		})
	);

	/** What is asked of the server: the parts as they were told. */
	asked = () => this.blocks.map(({ id, share, part }) => ({ id, part: part ?? { by: 'share' as const, share } }));
}
