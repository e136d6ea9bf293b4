<!-- @component How far to drive so that the reading is the answer, and whether course and catch are long enough. -->
<script lang="ts">
	import { m } from '$words';
	import { show } from '$lib/show/show';
	import { untrack } from 'svelte';
	import { fields, readField, readShare, showFigure, factor, quantityOf } from '$core';
	import Sheet from '$lib/kit/Sheet.svelte';
	import { typed } from '$lib/settings/field-units';
	import { helperWords, readingCourses } from './course-helper';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import Field from '$lib/kit/Field.svelte';

	let { calibration, open = $bindable() }: { calibration: CalibrationState; open: boolean } = $props();

	const metric = $derived(calibration.units.course === 'm');
	const comma = $derived(calibration.settings.decimalComma);
	const unit = $derived(calibration.sprayer.spacing === null ? calibration.units.course : calibration.units.spacing);
	const first = untrack(() => {
		const width = calibration.sprayer.spacing ?? calibration.width;
		const small = calibration.sprayer.spacing === null ? calibration.units.course : calibration.units.spacing;
		return width === null
			? ''
			: `${showFigure(width / factor('length', small), 4, calibration.settings.decimalComma)} ${small}`;
	});
	let widthText = $state(first);
	let asked = $state('5');
	const width = $derived.by(() => {
		const read = readField(fields.swath, typed(widthText, unit, calibration.settings), '');
		return read.ok ? (read.value.value as number) : null;
	});
	const courses = $derived(width === null ? [] : readingCourses(width));
	const told = (m: number) => show('length', m, calibration.settings, { digits: 4 }).text;
	const wanted = $derived(readShare(asked));
	const course = $derived(quantityOf(calibration.entered.course));
	const held = $derived(calibration.catchTime ? quantityOf(calibration.catchTime) : calibration.ownTime);
	const marks = $derived(quantityOf(calibration.entered.jug) ?? calibration.skill.jugMarks);
	const flow = $derived(
		calibration.flow
			? calibration.flow.meanCatch / calibration.flow.time
			: ((calibration.sprayer.rated?.flow as number | undefined) ?? null)
	);
	const words = $derived(
		wanted > 0 && wanted < 1
			? helperWords({
					wanted,
					skill: calibration.skill,
					onFoot: calibration.onFoot,
					course,
					speed: calibration.speed ? calibration.speed.measured.value : null,
					runs: calibration.entered.runs.filter((r) => !r.struck).length,
					held,
					flow,
					marks,
					metric,
					decimalComma: comma
				})
			: { course: '', catches: '' }
	);
	async function use(m: number) {
		const value = showFigure(m / factor('length', calibration.units.course), 5, false).replace(/,/g, '');
		const lost = await calibration.add({
			kind: 'course',
			length: typed(value, calibration.units.course, { ...calibration.settings, decimalComma: false })
		});
		// What the device could not keep is said above the page, and the course stands here to be taken again.
		if (lost.length > 0) return;
		await calibration.add({ kind: 'catch-time', time: null });
		open = false;
	}
</script>

<Sheet {open} wide title={m.how_far_to_drive()} lead={m.on_a_course_that_covers_a()} onclose={() => (open = false)}>
	<div class="grid grid-cols-[1.4fr_1fr] gap-3.5">
		<Field
			label={m.width_that_one_jug_stands_for()}
			bind:value={widthText}
			hint={m.one_nozzles_spacing_or_the_swath({ unit })}
		/>
		<Field label={m.asked_for()} bind:value={asked} hint={m.n5_tells_a_worn_nozzle()} />
	</div>
	<ul>
		{#each courses as c (c.name)}
			<li
				class="grid grid-cols-[minmax(0,190px)_1fr_auto] gap-3 items-center min-h-14 border-t border-dashed border-t-rule"
			>
				<b class="num text-[1.25rem] whitespace-normal">{told(c.course)}</b>
				<span class="leading-[1.25]">{c.reads} <small class="block text-soft">{c.name}</small></span>
				<button
					type="button"
					class="btn"
					disabled={calibration.signedOff || c.course < 3 || c.course > 5000}
					onclick={() => void use(c.course)}>{m.use_it()}</button
				>
			</li>
		{:else}
			<li
				class="lab grid grid-cols-[minmax(0,190px)_1fr_auto] gap-3 items-center min-h-14 border-t border-dashed border-t-rule"
			>
				{m.type_a_width_like_50_cm()}
			</li>
		{/each}
	</ul>
	{#if words.course || words.catches}
		<div class="grid gap-1.5 py-2.5 px-3 border-l-5 border-l-dye bg-dye-wash" aria-live="polite">
			{#if words.course}<p>{words.course}</p>{/if}
			{#if words.catches}<p>{words.catches}</p>{/if}
		</div>
	{/if}
</Sheet>

<style>
	@media (max-width: 480px) {
		li {
			grid-template-columns: 1fr auto;
		}
		li span {
			grid-row: 2;
		}
	}
</style>
