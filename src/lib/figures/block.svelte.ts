import { m } from '$words';
import type { BlockFigures, Field, Kind, Quantity, Typed } from '$core';
import { blockFigures, fields, readField, readNumber, showFigure, si, tidyText } from '$core';
import type { FarmSettings } from '$lib/settings/farm-settings';
import { fieldUnits, typed } from '$lib/settings/field-units';
import { keptText } from '$lib/settings/typed-text';
import { show } from '$lib/show/show';
import { wordIssue } from '$lib/wording/issues';

const volumeUnits = ['US gal', 'L', 'Imp gal', 'US qt', 'US pt', 'US fl oz', 'ml'] as const;

/** Blocks that nobody has measured: half of one took so much, so a tank does so many, and a job takes so many loads. */
export class BlockState {
	readonly settings: FarmSettings;
	readonly units: readonly { readonly value: string; readonly label: string }[];
	sprayed = $state('1/2');
	used = $state('');
	usedUnit = $state('');
	tank = $state('');
	tankUnit = $state('');
	wanted = $state('');
	area = $state('');

	constructor(settings: FarmSettings) {
		this.settings = settings;
		const own = fieldUnits(settings).tank;
		this.units = [...new Set([own, ...volumeUnits])].map((value) => ({ value, label: value }));
		this.usedUnit = this.tankUnit = own;
	}

	/** The tank of the sprayer that is picked. */
	use(tank: Typed | null): void {
		if (tank) this.tank = keptText(tank, this.tankUnit, this.settings);
	}

	#number(text: string): number {
		const value = readNumber(tidyText(text), this.settings.decimalComma);
		return typeof value === 'number' && value > 0 ? value : NaN;
	}
	#read<K extends Kind>(field: Field<K>, text: string, unit: string) {
		if (text.trim() === '') return { value: null, problem: undefined };
		const read = readField(field, typed(text, unit, this.settings), '');
		return read.ok
			? { value: read.value.value as Quantity<K>, problem: undefined }
			: { value: null, problem: wordIssue(read.issues[0]!) };
	}
	#used = $derived.by(() => this.#read(fields.tankReading, this.used, this.usedUnit));
	#tank = $derived.by(() => this.#read(fields.tank, this.tank, this.tankUnit));
	#area = $derived.by(() => this.#read(fields.area, this.area, fieldUnits(this.settings).area));
	#count = (text: string) => (text.trim() === '' ? null : this.#number(text));

	problem(what: 'sprayed' | 'used' | 'tank' | 'wanted' | 'area'): string | undefined {
		const count = (text: string) =>
			Number.isNaN(this.#count(text) ?? 1) ? m.is_no_number_of_blocks_write({ text }) : undefined;
		switch (what) {
			case 'sprayed':
				return count(this.sprayed);
			case 'wanted':
				return count(this.wanted);
			case 'used':
				return this.#used.value === 0 ? m.nothing_was_used_write_what_it() : this.#used.problem;
			case 'tank':
				return this.#tank.problem;
			case 'area':
				return this.#area.problem;
		}
	}

	figures: BlockFigures | null = $derived.by(() => {
		const sprayed = this.#count(this.sprayed);
		const wanted = this.#count(this.wanted);
		const used = this.#used.value;
		if (sprayed === null || Number.isNaN(sprayed) || !used || !(used > 0)) return null;
		return blockFigures({
			sprayed,
			used: si<'volume'>(used),
			tank: this.#tank.value,
			wanted: wanted === null || Number.isNaN(wanted) ? null : wanted,
			area: this.#area.value
		});
	});

	/** What is told, each with its figure and unit. */
	lines: readonly { readonly name: string; readonly text: string }[] = $derived.by(() => {
		const { figures, settings, wanted } = this;
		if (!figures) return [];
		const { tankDoes, loads, rate } = figures;
		const blocks = (n: number) => m.blocks({ n: showFigure(n, 3, settings.decimalComma), n2: n });
		const volume = (v: number) => show('tank', v, settings).text;
		const full = loads && m.full_tanks({ full: loads.full });
		return [
			...(tankDoes === null ? [] : [{ name: m.one_tank_does(), text: blocks(tankDoes) }]),
			...(loads
				? [
						{ name: m.mix_for_blocks({ text: wanted.trim() }), text: volume(loads.mix) },
						{
							name: m.loads(),
							text:
								loads.last === 0
									? full!
									: loads.full === 0
										? m.one_load_of({ last: volume(loads.last) ?? '' })
										: m.and_one_of({ full: full ?? '', last: volume(loads.last) ?? '' })
						}
					]
				: []),
			...(rate === null ? [] : [{ name: m.spray_volume(), text: show('rate', rate, settings).text }])
		];
	});
	perBlock: string = $derived.by(() => (this.figures ? show('tank', this.figures.perBlock, this.settings).text : ''));
}
