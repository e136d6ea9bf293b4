<!-- @component What happened to a rig: new nozzles, pump, gauge, hoses, tyres, filter. It puts calibrations in doubt. -->
<script lang="ts">
	import { enhance } from '$app/forms';
	import { dayAt } from '$lib/settings/farm-time';
	import type { SprayerEventKind } from '$lib/wording/events';
	import { eventWords, sprayerEventKinds } from '$lib/wording/events';

	interface Props {
		/** The farm's clock. */
		zone: string;
		events: readonly {
			readonly id: string;
			readonly day: string;
			readonly what: SprayerEventKind;
			readonly note: string;
		}[];
		/** What was wrong with the event that was just typed; none when empty. */
		problem: string;
		typed: Record<string, string> | null;
	}
	let { zone, events, problem, typed }: Props = $props();
	const id = $props.id();
	const today = () => dayAt(zone, Date.now());
</script>

<section id="events" aria-labelledby="{id}-title">
	<h2 id="{id}-title">What was done to it</h2>
	<form method="post" action="?/event" use:enhance>
		<label
			>On<input
				class="field-input"
				type="date"
				name="day"
				required
				value={typed?.day ?? ''}
				{@attach (node) => {
					node.value ||= today();
				}}
			/></label
		>
		<label
			>What<select class="field-input" name="what" value={typed?.what ?? 'nozzles'}>
				{#each sprayerEventKinds as kind (kind)}<option value={kind}>{eventWords[kind].name}</option>{/each}
			</select></label
		>
		<label>Note<input class="field-input" name="note" maxlength="400" value={typed?.note ?? ''} /></label>
		<button class="btn">Write it down</button>
		{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
	</form>
	{#if events.length === 0}
		<p class="lab">Nothing yet. New nozzles, a pump, a gauge: from that day on the calibrations before are in doubt.</p>
	{:else}
		<ol>
			{#each events as event (event.id)}
				<li><span class="num">{event.day}</span> <b>{eventWords[event.what].name}</b> <span>{event.note}</span></li>
			{/each}
		</ol>
	{/if}
</section>

<style>
	section {
		display: grid;
		gap: 10px;
	}
	form {
		display: grid;
		grid-template-columns: 160px 220px 1fr auto;
		gap: 12px;
		align-items: end;
	}
	label {
		display: grid;
		gap: 4px;
		font-weight: 600;
	}
	.problem {
		grid-column: 1 / -1;
		color: var(--rust-text);
		font-weight: 600;
	}
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: 110px 220px 1fr;
		gap: 12px;
		padding: 8px 0;
		border-bottom: 1px dashed var(--rule);
	}
	@media (max-width: 859px) {
		form,
		li {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
