<!-- @component Who is called and what is done when something goes wrong at the tank: one tap away, from the device's own memory. -->
<script lang="ts">
	import { m } from '$words';
	import type { TypedLabel } from '$core';
	import type { FarmSettings } from '$lib/settings/farm-settings';

	interface Props {
		settings: Pick<FarmSettings, 'emergency' | 'poison' | 'eyewash'>;
		/** A mark alone, for a bar that has no room. */
		short?: boolean;
		labels: readonly Pick<TypedLabel, 'name' | 'firstAid' | 'notAlone'>[];
	}
	let { settings, labels, short = false }: Props = $props();
	const id = $props.id();
	let sheet = $state<HTMLDialogElement>();
	const calls = $derived([
		{ what: m.emergency(), number: settings.emergency },
		{ what: m.poison_centre(), number: settings.poison }
	]);
	/** What a phone dials of a number as people write it. */
	const dialled = (number: string) => number.replace(/[^\d+*#]/g, '');
</script>

<button
	type="button"
	class="btn emergency"
	aria-label={m.emergency()}
	aria-haspopup="dialog"
	onclick={() => sheet?.showModal()}>✚{short ? '' : m.emergency_spaced()}</button
>
<!-- The browser's own dialog: nothing has to be loaded for it on the day that it is needed. -->
<dialog
	bind:this={sheet}
	class="fallow-dialog max-w-[min(520px,92vw)] max-h-[88dvh] m-auto border-0 overflow-auto"
	aria-labelledby={id}
>
	<h2 {id} class="title text-[1.5rem]">{m.if_something_goes_wrong()}</h2>
	<ul class="calls grid gap-2.5">
		{#each calls as { what, number } (what)}
			<li class="grid gap-1">
				<span>{what}</span>
				{#if number}<a class="btn go big" href="tel:{dialled(number)}">{number}</a>
				{:else}<b>{m.no_number_entered_use_the_one()}</b>{/if}
			</li>
		{/each}
	</ul>
	<p>
		<b>{m.rinse_at_once()}</b>
		{m.with_much_clean_water_eyes_for()}
	</p>
	<p>
		<b>{m.water_and_eyewash()}</b>
		{settings.eyewash || m.not_entered_look_where_they_stand()}
	</p>
	<h3 class="text-[1.15rem]">{m.first_aid_by_the_labels()}</h3>
	<dl class="grid gap-1">
		{#each labels as label, i (i)}
			<dt class="font-bold">{label.name}{label.notAlone ? m.never_handle_it_alone() : ''}</dt>
			<dd class="mx-0 mt-0 mb-1.5">{label.firstAid || m.not_entered_read_the_label()}</dd>
		{/each}
	</dl>
	<button type="button" class="btn plain" onclick={() => sheet?.close()}>{m.close()}</button>
</dialog>

<style>
	.btn.emergency {
		border-color: var(--rust);
		background: var(--rust-wash);
		color: var(--rust-text);
		font-weight: 700;
	}
	dialog:not([open]) {
		display: none;
	}
	dialog::backdrop {
		background: rgb(0 0 0 / 0.55);
	}
	.calls .btn {
		justify-content: center;
		font-size: 1.5rem;
	}
</style>
