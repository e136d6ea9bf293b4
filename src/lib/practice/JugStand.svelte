<!-- @component The stand with a jug under each nozzle, and one of them close to: its level is read off its marks. -->
<script lang="ts">
	import { m } from '$words';
	import type { NozzleNames } from '$lib/wording/nozzle-names';
	import type { Snippet } from 'svelte';
	import ScaleEye from './ScaleEye.svelte';

	interface Props {
		names: NozzleNames;
		/** Level of each jug in the jug's unit, the first nozzle first; null: never held under. */
		levels: readonly (number | null)[];
		/** Jugs that stand under now. */
		under: readonly number[];
		brim: number;
		mark: number;
		unit: string;
		at: number;
		running: boolean;
		decimalComma: boolean;
		still: boolean;
		onpick: (n: number) => void;
		/** Instruments beside the jug. */
		beside?: Snippet;
	}
	let { names, levels, under, brim, mark, unit, at, running, decimalComma, still, onpick, beside }: Props = $props();

	// The stand's jugs are drawn as full as the fullest: at a glance one that is short stands out, and none can be read.
	const top = $derived(Math.max(brim * 0.3, ...levels.map((v) => v ?? 0)));
	const share = (v: number | null) => (v === null ? 0 : Math.round(Math.min(1, v / top) * 84));
	const step = (by: 1 | -1) => onpick(((at - 1 + by + levels.length) % levels.length) + 1);
</script>

<div class="grid grid-cols-[minmax(0,9.5rem)_minmax(0,1fr)] items-center gap-3">
	<div class="grid gap-1">
		<ScaleEye
			label={m.yard_jug_of({ place: names.nozzle(at).toLowerCase() })}
			level={levels[at - 1] ?? null}
			{mark}
			{unit}
			{decimalComma}
			{still}
		/>
		{#if levels.length > 1}
			<div class="grid grid-cols-2 gap-2">
				<button type="button" class="btn plain" aria-label={m.yard_nozzle_before()} onclick={() => step(-1)}>←</button>
				<button type="button" class="btn plain" aria-label={m.yard_nozzle_after()} onclick={() => step(1)}>→</button>
			</div>
		{/if}
	</div>
	{@render beside?.()}
</div>
{#if levels.length > 1}
	<ul class="grid gap-0.5" style="grid-template-columns: repeat(auto-fit, minmax(1.7rem, 1fr))">
		{#each levels as level, i (i)}
			<li>
				<button
					type="button"
					class={[
						'grid min-h-12 w-full cursor-pointer justify-items-center rounded-md border-2 px-0.75 py-0.5',
						at === i + 1 ? 'border-dye bg-card' : 'border-transparent'
					]}
					aria-pressed={at === i + 1}
					aria-label={m.yard_jug_of({ place: names.nozzle(i + 1).toLowerCase() })}
					onclick={() => onpick(i + 1)}
				>
					<svg viewBox="0 0 40 104" aria-hidden="true" class="block w-full max-w-8">
						<path d="M12 2h16l-4 8h-8z" fill="var(--ink)" />
						{#if running}<path d="M18 10l-3 12h10l-3 -12z" fill="var(--dye-light)" />{/if}
						<rect x="6" y={100 - share(level)} width="28" height={share(level)} fill="var(--dye)" />
						<path
							d="M5 16v84h30v-84"
							fill="none"
							stroke="var(--ink)"
							stroke-width="2.5"
							stroke-dasharray={under.includes(i + 1) ? undefined : '4 4'}
						/>
					</svg>
					<span class="text-[0.9rem] font-semibold">{names.short(i + 1)}</span>
				</button>
			</li>
		{/each}
	</ul>
{/if}
