<!-- @component How far to drive so that the reading is the answer, and whether course and catch are long enough. -->
<script lang="ts">
	import { show } from '$lib/show/show';
	import { untrack } from 'svelte';
	import { fields, readField, readShare, showFigure, factor, quantityOf } from '$core';
	import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
	import { typed } from '$lib/settings/field-units';
	import { helperWords, readingCourses } from './course-helper';
	import type { RoundState } from '$lib/calibration/round.svelte';
	import FormField from '$lib/kit/FormField.svelte';

	let { round, open = $bindable() }: { round: RoundState; open: boolean } = $props();

	const metric = $derived(round.units.course === 'm');
	const comma = $derived(round.settings.decimalComma);
	const unit = $derived(round.rig.spacing === null ? round.units.course : round.units.spacing);
	const first = untrack(() => {
		const width = round.rig.spacing ?? round.width;
		const small = round.rig.spacing === null ? round.units.course : round.units.spacing;
		return width === null
			? ''
			: `${showFigure(width / factor('length', small), 4, round.settings.decimalComma)} ${small}`;
	});
	let widthText = $state(first);
	let asked = $state('5');
	const width = $derived.by(() => {
		const read = readField(fields.swath, typed(widthText, unit, round.settings), '');
		return read.ok ? (read.value.value as number) : null;
	});
	const courses = $derived(width === null ? [] : readingCourses(width));
	const told = (m: number) => show('length', m, round.settings, { digits: 4 }).text;
	const wanted = $derived(readShare(asked));
	const course = $derived(quantityOf(round.round.course));
	const held = $derived(round.catchTime ? quantityOf(round.catchTime) : round.ownTime);
	const marks = $derived(quantityOf(round.round.jug) ?? round.skill.jugMarks);
	const flow = $derived(
		round.flow ? round.flow.meanCatch / round.flow.time : ((round.rig.rated?.flow as number | undefined) ?? null)
	);
	const words = $derived(
		wanted > 0 && wanted < 1
			? helperWords({
					wanted,
					skill: round.skill,
					onFoot: round.onFoot,
					course,
					speed: round.speed ? round.speed.measured.value : null,
					runs: round.round.runs.filter((r) => !r.struck).length,
					held,
					flow,
					marks,
					metric,
					decimalComma: comma
				})
			: { course: '', catches: '' }
	);
	async function use(m: number) {
		const value = showFigure(m / factor('length', round.units.course), 5, false).replace(/,/g, '');
		await round.add({
			kind: 'course',
			length: typed(value, round.units.course, { ...round.settings, decimalComma: false })
		});
		await round.add({ kind: 'catch-time', time: null });
		open = false;
	}
</script>

<Dialog {open} onOpenChange={(d) => (open = d.open)}>
	<Portal>
		<Dialog.Backdrop class="fallow-backdrop" />
		<Dialog.Positioner class="fallow-positioner">
			<Dialog.Content class="fallow-dialog wide">
				<Dialog.Title class="title">How far to drive</Dialog.Title>
				<Dialog.Description class="lab">
					On a course that covers a round piece of ground, what the jug reads is the answer. Catch for as long as the
					course took.
				</Dialog.Description>
				<div class="asked">
					<FormField
						label="Width that one jug stands for"
						bind:value={widthText}
						hint="One nozzle’s spacing, or the swath of all that are caught. A bare number is {unit}."
					/>
					<FormField label="± asked for, %" bind:value={asked} hint="5 % tells a worn nozzle." />
				</div>
				<ul>
					{#each courses as c (c.name)}
						<li>
							<b class="num">{told(c.course)}</b>
							<span>{c.reads} <small>{c.name}</small></span>
							<button
								type="button"
								class="btn"
								disabled={round.signedOff || c.course < 3 || c.course > 5000}
								onclick={() => void use(c.course)}>Use it</button
							>
						</li>
					{:else}
						<li class="lab">Type a width, like 50 cm or 20 in.</li>
					{/each}
				</ul>
				{#if words.course || words.catches}
					<div class="good" aria-live="polite">
						{#if words.course}<p>{words.course}</p>{/if}
						{#if words.catches}<p>{words.catches}</p>{/if}
					</div>
				{/if}
				<Dialog.CloseTrigger class="btn plain">Back</Dialog.CloseTrigger>
			</Dialog.Content>
		</Dialog.Positioner>
	</Portal>
</Dialog>

<style>
	.asked {
		display: grid;
		grid-template-columns: 1.4fr 1fr;
		gap: 14px;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 190px) 1fr auto;
		gap: 12px;
		align-items: center;
		min-height: 56px;
		border-top: 1px dashed var(--rule);
	}
	li .num {
		font-size: 1.25rem;
		white-space: normal;
	}
	li span {
		line-height: 1.25;
	}
	small {
		display: block;
		color: var(--soft);
	}
	.good {
		display: grid;
		gap: 6px;
		padding: 10px 12px;
		border-left: 5px solid var(--dye);
		background: var(--dye-wash);
	}
	@media (max-width: 480px) {
		li {
			grid-template-columns: 1fr auto;
		}
		li span {
			grid-row: 2;
		}
	}
</style>
