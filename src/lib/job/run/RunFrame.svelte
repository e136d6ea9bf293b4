<!-- @component A job at the tank and in the field: loads, the steps of mixing or how the spraying goes, and the one thing to do next. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { onMount } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import MixingTank from '$lib/drawings/MixingTank.svelte';
	import type { OutboxStatus as Status } from '$lib/entries/outbox';
	import { shownRate } from '$lib/show/answer';
	import { clockOf, leftFacts } from './run-facts';
	import type { JobRunState } from './job-run.svelte';
	import { focusHeading } from '$lib/kit/focus';
	import { wordIssue } from '$lib/wording/issues';
	import { runActWords } from '$lib/wording/jobs';
	import AppBar from '$lib/frame/AppBar.svelte';
	import ZoneNote from '$lib/frame/ZoneNote.svelte';
	import Emergency from './Emergency.svelte';
	import OutboxStatus from '$lib/frame/OutboxStatus.svelte';
	import RunDye from './RunDye.svelte';
	import RunLoads from './RunLoads.svelte';
	import RunNow from './RunNow.svelte';
	import RunSteps from './RunSteps.svelte';

	interface Props {
		run: JobRunState;
		/** Whether the screen is kept on; null while that is not known. */
		awake: boolean | null;
		status: Status;
		path: string;
	}
	let { run, awake, status, path }: Props = $props();
	const phone = new MediaQuery('(max-width: 859px)');
	const { head } = $derived(run);
	const names = $derived(head.job.blocks.map((b) => b.name).join(', '));
	const load = $derived(run.shown);
	const count = $derived(run.run?.loads.length ?? 0);
	const mixing = $derived(load ? load.next !== null : false);
	/** The weather is looked at while it still changes something: before anything is in the tank. */
	const firstWater = $derived(load?.n === 1 && load.next === 0 && run.run?.weather.before == null);
	const looking = $derived(load?.n !== run.current?.n);
	const rate = $derived(
		head.rate === null
			? null
			: shownRate(head.rate, head.relativeU95 ?? 0, run.settings.rateUnit, run.settings.decimalComma)
	);
	const wears = $derived(
		`${[...new Set(head.job.products.map((p) => p.label.ppe).filter(Boolean))].join('; ') || m.what_the_labels_ask_for()}.`
	);
	const level = $derived.by(() => {
		if (!load || load.next === 0 || load.state === 'out') return 0;
		const seen = run.run?.seen;
		if (seen?.load === load.n) return seen.left / load.load.mix;
		return load.next === null ? 1 : (run.lines[load.next - 1]?.level ?? 0);
	});
	const line = $derived(load?.next != null ? run.lines[load.next] : undefined);
	const marks = $derived(
		run.lines
			.filter((l) => l.poured === null)
			.map((l) => ({ at: l.level, figure: `${l.figure} ${l.unit}`, note: l.level > 0.99 ? m.the_line() : '' }))
	);
	let wide = $state(false);
	let editing = $state(false);
	const mayEdit = $derived(run.dryLoads.length > 0 && run.run?.state !== 'closed' && !run.sealed);
	const labels = $derived(head.job.products.map((p) => p.label));
	const stopped = $derived(run.next.act === 'stopped' && !looking);
	// The hours of the sun go by the clock: what was next may not be any more.
	onMount(() => {
		const timer = setInterval(() => run.tick(), 60_000);
		return () => clearInterval(timer);
	});

	const told = $derived.by(() => {
		if (!load) return '';
		const at = load.next ?? load.steps.length - 1;
		const step = run.lines[at];
		if (mixing && step)
			return m.announce_step({
				at: at + 1,
				count: run.lines.length,
				text: step.text,
				figure: step.figure,
				unit: step.unit
			});
		return m.announce_load({ n: load.n, state: runActWords[load.state] });
	});
	// The button that was pressed may be gone with its step: the focus goes to the work, never to the page's body.
	let opened = false;
	$effect(() => {
		void told;
		if (opened) void focusHeading('#work');
		opened = true;
	});

	/** Enter does what is next, but not where it already means something: on a link, a button, in a field. */
	function onkeydown(event: KeyboardEvent) {
		const own = event.target instanceof Element && event.target.closest('a, button, input, select, textarea, summary');
		if (event.key === 'Enter' && !own) void run.go();
	}
</script>

<svelte:window {onkeydown} />
<!-- The one place that tells each step, once: what is drawn below changes in many. -->
<p class="sr-only" role="status">{told}</p>
<a class="skip" href="#work">{m.to_the_load()}</a>

{#snippet act()}
	<div class="act flex gap-2.5 mt-auto">
		<button
			type="button"
			class="btn plain"
			disabled={run.run?.last == null || run.sealed}
			aria-label={m.undo_the_last_step()}
			onclick={() => void run.undo()}>{m.undo()}</button
		>
		{#if looking}
			<button type="button" class="btn ink big" onclick={() => (run.looked = null)}
				>{m.back_to_load({ n: run.current?.n ?? 1 })}</button
			>
		{:else if run.next.act === 'nothing'}
			<a class="btn go big" href="/jobs/{head.id}/{run.run?.state === 'closed' ? '' : 'close'}"
				>{run.run?.state === 'closed' ? m.closed_to_the_job() : m.all_loads_are_out_close_the()}</a
			>
		{:else if run.next.act === 'weather'}
			<a class="btn go big" href="/jobs/{head.id}/day">{run.next.words}</a>
		{:else if run.next.act === 'stopped'}
			<button type="button" class="btn big" disabled
				>{run.twice ? run.next.words : m.write_the_reason({ words: run.next.words })}</button
			>
		{:else}
			<button type="button" class="btn go big" onclick={() => void run.go()}>{run.next.words}</button>
		{/if}
		{#if run.current?.state === 'spraying' && !looking}<button
				type="button"
				class="btn plain order-1"
				onclick={() => void run.pause()}>{m.pause()}</button
			>{/if}
	</div>
{/snippet}

{#snippet weather()}
	{@const before = run.run?.weather.before}
	<a class="weather" class:none={!before} href="/jobs/{head.id}/day"
		>{before
			? m.weather_at({ at: clockOf(before.at, run.settings), which: before.decision === 'wait' ? m.wait() : '' })
			: m.look_at_the_weather()}</a
	>
{/snippet}

{#snippet left()}
	<dl class="flex flex-wrap gap-x-6.5 gap-y-1.5">
		{#each leftFacts(run) as fact (fact.what)}<div>
				<dt class="text-soft text-[0.9rem]">{fact.what}</dt>
				<dd class="whitespace-nowrap">
					<span class="num text-[1.7rem] leading-[1.1]">{fact.figure}</span>
					{fact.unit}
				</dd>
			</div>{/each}
	</dl>
{/snippet}

{#snippet tank()}
	{#if load}<MixingTank
			{level}
			full={run.sheet ? load.load.mix / run.sheet.tank : 1}
			{marks}
			now={mixing && line?.poured ? m.now_figure({ figure: line.figure, unit: line.unit }) : ''}
		/>{/if}
{/snippet}

{#snippet editRest()}<button type="button" class="btn plain" onclick={() => (editing = true)}
		>{m.edit_the_remaining_loads()}</button
	>{/snippet}

{#snippet shout()}
	{#if run.storeError}<p
			class="py-2.5 px-3.5 border-l-6 border-l-rust bg-rust-wash text-rust-text font-semibold"
			role="alert"
		>
			{m.this_device_could_not_keep_that_step({ storeError: run.storeError })}
		</p>{/if}
	{#if !run.result.ok}<p
			class="py-2.5 px-3.5 border-l-6 border-l-rust bg-rust-wash text-rust-text font-semibold"
			role="alert"
		>
			{wordIssue(run.result.issues[0]!)}
		</p>{/if}
{/snippet}

{#snippet stands()}
	{#if run.twice}
		{#await import('./RunTwice.svelte') then { default: RunTwice }}<RunTwice {run} />{/await}
	{:else if stopped}
		{#await import('./RunStop.svelte') then { default: RunStop }}<RunStop {run} />{/await}
	{/if}
{/snippet}

{#snippet spray()}
	{#await import('./RunSpray.svelte') then { default: RunSpray }}<RunSpray {run} />{/await}
{/snippet}

{#if editing}
	{#await import('./RestEdit.svelte') then { default: RestEdit }}
		<RestEdit {run} onclose={() => (editing = false)} />
	{/await}
{/if}
{#if phone.current}
	<div class="phone flex flex-col h-[100dvh]">
		<header class="bar flex items-center justify-between gap-2.5 min-h-15 py-0 px-4 bg-bar text-bar-text">
			<button type="button" class="title" aria-expanded={wide} onclick={() => (wide = !wide)}>
				<b>{m.load_of({ n: load?.n ?? 1, count })}</b><span>{names} ▾</span>
			</button>
			<Emergency settings={run.settings} {labels} short />
			<OutboxStatus {status} short />
		</header>
		<ZoneNote clock={run.settings} />
		<RunLoads {run} small />
		<!-- It scrolls between the bar and the next action, so the keyboard has to reach it. -->
		<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
		<main class="flex-1 min-h-0 overflow-y-auto" id="work" tabindex="0">
			<h1 class="sr-only">{m.load_of({ n: load?.n ?? 1, count })}</h1>
			{@render shout()}
			{@render stands()}
			{#if wide}
				<div class="wide grid gap-3.5 py-3.5 px-4">
					<RunLoads {run} />
					{@render left()}
					{@render weather()}
					{#if mayEdit}{@render editRest()}{/if}
					<a class="btn plain" href="/jobs/{head.id}">{m.leave_all_is_kept()}</a>
				</div>
			{:else if mixing}
				{#if firstWater}<p class="look mx-4 mt-3" role="status">
						▲ <a href="/jobs/{head.id}/day">{m.look_at_the_weather()}</a>
						{m.before_the_first_water_goes_in()}
					</p>{/if}
				{#if run.asksDye && !looking}<div class="mx-4 mt-3"><RunDye {run} /></div>{/if}
				<RunNow {run} {wears} />
				<div class="max-w-75 my-3.5 mx-auto">{@render tank()}</div>
			{:else}<div class="grid gap-3.5 py-3.5 px-4">
					{@render spray()}
					{@render left()}
					{@render weather()}
				</div>{/if}
			{#if awake === false}<p class="lab py-2.5 px-4">
					{m.this_device_lets_its_screen_go()}
				</p>{/if}
		</main>
		{@render act()}
	</div>
{:else}
	<div class="frame">
		<div class="col-span-full">
			<AppBar {path}>
				{#snippet right()}<OutboxStatus {status} />{/snippet}
			</AppBar>
			<ZoneNote clock={run.settings} />
		</div>
		<main id="work" class="grid gap-3.5 content-start py-4.5 px-6 overflow-auto">
			{@render shout()}
			<div class="flex justify-between items-end gap-5">
				<div>
					<h1>{m.load_of({ n: load?.n ?? 1, count })}</h1>
					<p class="lab">
						<a href="/jobs/{head.id}">{names}</a>{head.sprayer ? ` · ${head.sprayer}` : ''}{rate
							? m.calibrated_at({ signedDay: dayText(head.signedDay), value: rate.value, unit: rate.unit })
							: ''}
					</p>
				</div>
				{@render left()}
			</div>
			<RunLoads {run} />
			{#if mayEdit}<div>{@render editRest()}</div>{/if}
			{@render stands()}
			{#if firstWater}<p class="look" role="status">
					▲ <a href="/jobs/{head.id}/day">{m.look_at_the_weather()}</a>
					{m.before_the_first_water_goes_in()}
				</p>{/if}
			{#if run.asksDye && !looking}<RunDye {run} />{/if}
			{#if mixing}<RunSteps {run} />{:else}{@render spray()}{/if}
		</main>
		<aside
			class="flex flex-col gap-3 py-5.5 px-5 border-l border-l-rule bg-paper-deep overflow-auto"
			aria-label={m.wear_and_watch()}
		>
			<div class="page-head">
				<h2>{m.wear_and_watch()}</h2>
				{#if !firstWater}{@render weather()}{/if}
			</div>
			<Emergency settings={run.settings} {labels} />
			<p>{m.fill_below_shoulder_height_keep_the({ wears })}</p>
			{#if line?.look}<p class="look py-2.5 px-3.5 border-l-6 border-l-amber bg-amber-wash">▲ {line.look}</p>{/if}
			<p class="lab">
				{m.a_label_that_gives_another_order()}
			</p>
			{@render tank()}
			{#if awake === false}<p class="lab">{m.this_device_lets_its_screen_go()}</p>{/if}
			{@render act()}
		</aside>
	</div>
{/if}

<style>
	.frame {
		display: grid;
		grid-template: 56px minmax(0, 1fr) / minmax(0, 1fr) 400px;
		height: 100dvh;
	}
	.weather {
		display: inline-flex;
		align-items: center;
		min-height: 40px;
		padding: 0 12px;
		border: 2px solid var(--field-border);
		border-radius: 6px;
		color: var(--ink);
		font-weight: 600;
		text-decoration: none;
	}
	.weather.none {
		border-color: var(--straw-edge);
		border-style: dashed;
		background: var(--straw-wash);
	}
	.act .big {
		flex: 1;
		min-width: 0;
		padding: 0 1rem;
		white-space: normal;
		order: 2;
	}
	.act .plain {
		min-height: 72px;
		padding: 0 14px;
	}
	.title {
		display: grid;
		min-height: 48px;
		padding: 4px 0;
		border: 0;
		background: none;
		color: inherit;
		font: inherit;
		line-height: 1.15;
		text-align: left;
		cursor: pointer;
	}
	.title b {
		font: 700 1.3rem var(--font-figures);
		font-stretch: 82%;
	}
	.title span {
		color: var(--bar-soft);
		font-size: 0.9rem;
	}
	.phone .act {
		padding: 10px 16px max(12px, env(safe-area-inset-bottom));
		border-top: 1px solid var(--rule);
		background: var(--paper);
	}
	@media (max-width: 859px) {
		.wide :global(ol) {
			grid-auto-flow: row;
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
