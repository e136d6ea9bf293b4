<!-- @component What stops the work: each with a field for the reason that passes it. The one place where a stop is asked about. -->
<script lang="ts">
	import { m } from '$words';
	import type { Stop } from '$core';
	import { longest, shortestReason, tooLong } from '$core';
	import { stopKey } from '$lib/wire/stop-key';
	import { wordIssue } from '$lib/wording/issues';
	import { stopTitle } from '$lib/wording/safety';
	import Field from '$lib/kit/Field.svelte';

	interface Props {
		/** Stops that want a reason; those that have one may stay in sight. */
		stops: readonly Stop[];
		reasonOf: (stop: Stop) => string;
		onreason: (stop: Stop, reason: string) => void;
		/** Passes one stop at once, with a button of its own; where it is left out the page's own button takes them all. */
		onpass?: (stop: Stop, reason: string) => void;
		/** Name of the fields in a form. */
		name?: string;
	}
	let { stops, reasonOf, onreason, onpass, name }: Props = $props();
	const long = (stop: Stop) => tooLong('reason', reasonOf(stop), longest.reason).map(wordIssue)[0];
</script>

{#if stops.length > 0}
	<section class="grid gap-2.5 py-3 px-4 border-l-6 border-l-rust bg-rust-wash" aria-label={m.stop()}>
		<h2 class="text-rust-text text-[1.3rem]">{m.stop_marked()}</h2>
		<p>{m.change_it_or_write_why_the()}</p>
		<ul class="grid gap-3.5">
			{#each stops as stop (stopKey(stop))}
				<li class="grid gap-1.5" data-stop={stop.code}>
					<b>{stopTitle(stop)}</b>
					{#if name}<input type="hidden" name="{name}-stop" value={JSON.stringify(stop)} />{/if}
					<Field
						label={m.reason_for_going_on()}
						{...name ? { name } : {}}
						bind:value={() => reasonOf(stop), (v) => onreason(stop, v)}
						problem={long(stop)}
					/>
					{#if onpass}<button
							type="button"
							class="btn"
							disabled={reasonOf(stop).trim().length < shortestReason || long(stop) !== undefined}
							onclick={() => onpass(stop, reasonOf(stop))}>{m.continue_with_this_reason()}</button
						>{/if}
				</li>
			{/each}
		</ul>
	</section>
{/if}

<style>
	.btn {
		justify-self: start;
		min-height: 56px;
	}
</style>
