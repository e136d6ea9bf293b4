<!-- @component A class as its trainer sees it: who is where, the answers against the truth, which fault nobody found. -->
<script lang="ts">
	import { m } from '$words';
	import type { FaultKind } from '$core';
	import { exercises, factor, intervalDecimals, si } from '$core';
	import { practiceSettings } from './practice-settings';
	import { show } from '$lib/show/show';
	import { exerciseTitle, faultText } from '$lib/wording/practice';
	import type { ClassView } from '$lib/wire/practice';
	import SpreadPlot from './SpreadPlot.svelte';

	interface Props {
		view: ClassView;
		/** Address that learners open. */
		address: string;
		onend: () => void;
	}
	let { view, address, onend }: Props = $props();

	const exercise = $derived(exercises.find((e) => e.id === view.exercise)!);
	const settings = $derived(practiceSettings(exercise, null));
	const scale = $derived((rate: number) => rate / factor('volumePerArea', settings.rateUnit));
	const signed = $derived(view.seats.filter((s) => s.result));
	const answers = $derived(
		signed.flatMap(({ name, result }) =>
			result && result.answer !== null && result.u95 !== null
				? [{ name, answer: scale(result.answer), u95: scale(result.u95), inside: result.inside === true }]
				: []
		)
	);
	const digits = $derived(answers.length === 0 ? 1 : intervalDecimals(Math.min(...answers.map((a) => a.u95))));
	const claimOf = (f: ClassView['faults'][number]) => ({ kind: f.kind as FaultKind, at: f.at });
	const faults = $derived(
		view.faults.map((fault) => {
			const key = `${fault.kind} ${fault.at ?? ''}`.trim();
			return {
				text: faultText(claimOf(fault), exercise),
				by: signed.filter((s) => s.result?.found.includes(key)).length
			};
		})
	);
</script>

<section class="card flex flex-wrap items-center gap-x-8 gap-y-3 p-5">
	<p><span class="lab">{m.class_code()}</span><br /><span class="num text-[3.4rem] leading-none">{view.code}</span></p>
	<p class="grow">{m.class_how_to_join()}<br /><b class="break-all">{address}</b></p>
	<p class="lab">
		{exerciseTitle(exercise)}<br />{m.class_signed_of({ signed: signed.length, seats: view.seats.length })}
	</p>
</section>
<section class="grid gap-3">
	<h2>{m.class_answers()}</h2>
	{#if answers.length === 0}<p class="lab">{m.class_no_answers()}</p>
	{:else}
		<div class="card p-4">
			<SpreadPlot
				{answers}
				truth={scale(view.truth)}
				unit={settings.rateUnit}
				{digits}
				decimalComma={settings.decimalComma}
			/>
		</div>
		<p class="lab">{m.class_truth_note()}</p>
	{/if}
</section>
{#if faults.length > 0}
	<section class="grid gap-2">
		<h2>{m.class_faults()}</h2>
		<ul class="grid gap-1">
			{#each faults as { text, by }, i (i)}
				<li class="flex min-h-10 items-center justify-between gap-3 border-b border-b-rule">
					<b>{text}</b>
					<span class={by === 0 && signed.length > 0 ? 'font-semibold text-amber-text' : ''}
						>{by === 0 && signed.length > 0 ? m.class_nobody() : m.class_found_by({ by, count: signed.length })}</span
					>
				</li>
			{/each}
		</ul>
	</section>
{/if}
<section class="grid gap-2">
	<h2>{m.class_learners()}</h2>
	{#if view.seats.length === 0}<p class="lab">{m.class_nobody_yet()}</p>
	{:else}
		<div class="overflow-x-auto">
			<table class="w-full text-left">
				<thead>
					<tr
						><th>{m.class_name()}</th><th>{m.class_where()}</th><th>{m.class_answer()}</th><th
							>{m.class_found_column()}</th
						><th>{m.class_minutes()}</th></tr
					>
				</thead>
				<tbody>
					{#each view.seats as seat (seat.id)}
						<tr class="border-t border-t-rule">
							<td class="py-2"><b>{seat.name}</b></td>
							<td>{seat.result ? m.class_has_signed() : seat.step === '' ? m.class_not_begun() : m.class_works()}</td>
							<td class="num"
								>{#if seat.result && seat.result.answer !== null}{show(
										'rate',
										si<'volumePerArea'>(seat.result.answer),
										settings,
										{ digits: 3 }
									).text}
									{seat.result.inside ? '✓' : '✕'}{:else}–{/if}</td
							>
							<td
								>{seat.result
									? m.class_found_wrong({
											found: seat.result.found.length,
											count: view.faults.length,
											wrong: seat.result.wrong
										})
									: '–'}</td
							>
							<td class="num">{Math.round(seat.minutes)}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
</section>
<div class="flex flex-wrap gap-3">
	{#if signed.length > 0}
		<a class="btn" href="/api/practice/classes/{view.code}/certificates" data-sveltekit-reload
			>{m.class_certificates()}</a
		>
	{/if}
	<button type="button" class="btn plain" onclick={onend}>{m.class_end()}</button>
</div>
