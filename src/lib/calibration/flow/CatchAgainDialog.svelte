<!-- @component Asked when a nozzle that has a catch is caught again: what happened decides what counts. -->
<script lang="ts">
	import { m } from '$words';
	import type { CatchReason } from '$core';
	import Sheet from '$lib/kit/Sheet.svelte';

	interface Props {
		/** What is asked about; closed when null. */
		asked: { readonly nozzle: number; readonly text: string; readonly before: string } | null;
		/** What the nozzle is called: `Nozzle 9`. */
		name: string;
		onchoose: (why: CatchReason) => void;
		oncancel: () => void;
	}
	let { asked, name, onchoose, oncancel }: Props = $props();

	const choices: readonly { why: CatchReason; title: string; what: string }[] = [
		{ why: 'sure', title: m.to_be_sure(), what: m.nothing_was_changed_both_catches_count() },
		{ why: 'cleaned', title: m.after_cleaning_it(), what: m.the_new_catch_counts_the_old() },
		{ why: 'replaced', title: m.after_replacing_it(), what: m.the_new_catch_counts_the_old() },
		{ why: 'slip', title: m.i_typed_it_wrong(), what: m.the_new_figure_takes_the_place() }
	];

	/** Heard on the whole window: a quick hand presses the digit before the focus has come into the dialog. */
	function onkeydown(event: KeyboardEvent) {
		const choice = asked ? choices[Number(event.key) - 1] : undefined;
		if (!choice) return;
		event.preventDefault();
		onchoose(choice.why);
	}
</script>

<svelte:window onkeydowncapture={onkeydown} />

<Sheet
	open={asked !== null}
	title={asked ? m.was_why_now({ name, before: asked.before, text: asked.text }) : ''}
	lead={m.what_happened_in_between_decides_what()}
	back={m.cancel()}
	onclose={oncancel}
>
	<div class="grid gap-2">
		{#each choices as choice, i (choice.why)}
			<button type="button" class="choice" onclick={() => onchoose(choice.why)}>
				<kbd>{i + 1}</kbd><b class="text-[1.08rem]">{choice.title}</b><span class="col-2 text-soft text-[0.95rem]"
					>{choice.what}</span
				>
			</button>
		{/each}
	</div>
</Sheet>

<style>
	.choice {
		display: grid;
		grid-template-columns: 34px 1fr;
		align-items: center;
		min-height: 64px;
		padding: 8px 12px;
		border: 2px solid var(--dye);
		border-radius: 6px;
		background: transparent;
		color: var(--ink);
		font: inherit;
		text-align: left;
		cursor: pointer;
	}
	.choice kbd {
		grid-row: 1 / 3;
		width: 24px;
		border: 1px solid var(--field-border);
		border-radius: 4px;
		font: 600 0.95rem/22px var(--font-text);
		text-align: center;
	}
</style>
