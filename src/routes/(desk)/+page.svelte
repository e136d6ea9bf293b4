<script lang="ts">
	import type { PageData } from './$types';
	import { eventWords } from '$lib/wording/events';
	import SprayerCard from '$lib/components/SprayerCard.svelte';

	let { data }: { data: PageData } = $props();
	const open = $derived(data.sprayers.filter((s) => s.openRound));
	const uncalibrated = $derived(data.sprayers.filter((s) => !s.latest && !s.openRound));
	const doubtful = $derived(data.sprayers.filter((s) => s.latest?.doubt && !s.openRound));
	const underWay = $derived(data.jobs.filter((j) => j.state === 'under-way'));
	const waiting = $derived(data.jobs.filter((j) => j.state !== 'under-way'));
	const nothing = $derived(
		data.jobs.length + open.length + uncalibrated.length + doubtful.length + data.intervals.length === 0
	);
	/** A time as it is where the page is read. */
	const when = (seconds: number) => {
		const d = new Date(seconds * 1000);
		const two = (n: number) => `${n}`.padStart(2, '0');
		return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())} ${two(d.getHours())}:${two(d.getMinutes())}`;
	};
	const todays = $derived(waiting.filter((j) => j.state === 'planned' && j.day <= data.today).length);
	const heading = $derived.by(() => {
		if (data.sprayers.length === 0) return 'Begin with your first sprayer';
		if (underWay.length > 0)
			return underWay.length === 1 ? 'One job is under way' : `${underWay.length} jobs are under way`;
		if (open.length > 0) return open.length === 1 ? 'One round is under way' : `${open.length} rounds are under way`;
		if (todays > 0) return todays === 1 ? 'One job today' : `${todays} jobs today`;
		if (uncalibrated.length > 0)
			return uncalibrated.length === 1
				? 'One sprayer wants calibrating'
				: `${uncalibrated.length} sprayers want calibrating`;
		if (doubtful.length > 0)
			return doubtful.length === 1 ? 'One calibration is in doubt' : `${doubtful.length} calibrations are in doubt`;
		return 'Every sprayer is calibrated';
	});
</script>

<svelte:head><title>Today · Fallow</title></svelte:head>

<div class="today">
	<main>
		<h1>{heading}</h1>
		{#if data.sprayers.length === 0}
			<div class="now">
				<div>
					<h2>A boom, a boomless set, an arc or a knapsack</h2>
					<p>
						Tell Fallow what yours is, then calibrate it by measuring. What goes in each tank load follows from that.
					</p>
				</div>
				<a class="btn" href="/sprayers/new">Add the first sprayer</a>
			</div>
		{/if}
		{#each open as sprayer (sprayer.id)}
			<div class="now">
				<div>
					<h2>{sprayer.rig.name}: the round is half done</h2>
					<p>Every reading so far is kept. Go on where you stopped.</p>
				</div>
				<a class="btn" href="/rounds/{sprayer.openRound}">Carry on</a>
			</div>
		{/each}
		{#each underWay as job (job.id)}
			<div class="now">
				<div>
					<h2>{job.blocks.join(', ')}: {job.loadsOut} of {job.loads} {job.loads === 1 ? 'load' : 'loads'} out</h2>
					<p>{[job.sprayer, ...job.products].filter(Boolean).join(', ')}. Every step so far is kept.</p>
				</div>
				<a class="btn" href="/jobs/{job.id}/run">Go on with it</a>
			</div>
		{/each}
		<ul>
			{#each waiting as job (job.id)}
				<li class:straw={job.state === 'planned'}>
					<div>
						<b
							>{job.blocks.join(', ')}: {{
								planned:
									job.day < data.today
										? `was planned for ${job.day}`
										: job.day === data.today
											? 'planned for today'
											: `planned for ${job.day}`,
								'under-way': 'under way',
								sprayed: 'all loads are out',
								closed: 'closed, without a record yet'
							}[job.state]}</b
						>
						<p class="lab">
							{[job.sprayer, ...job.products].filter(Boolean).join(', ')}, {job.loads}
							{job.loads === 1 ? 'load' : 'loads'}
						</p>
					</div>
					<a
						class="btn"
						href="/jobs/{job.id}{{ planned: '', 'under-way': '/run', sprayed: '/close', closed: '/record' }[job.state]}"
						>{{ planned: 'See the job', 'under-way': 'Go on', sprayed: 'Close it', closed: 'Write the record' }[
							job.state
						]}</a
					>
				</li>
			{/each}
			{#each uncalibrated as sprayer (sprayer.id)}
				<li class="look">
					<div>
						<b>Calibrate {sprayer.rig.name}</b>
						<p class="lab">Nothing was measured yet, so no tank can be dosed from it.</p>
					</div>
					<a class="btn" href="/rounds/new?sprayer={sprayer.id}" data-sveltekit-preload-data="off">Start the round</a>
				</li>
			{/each}
			{#each doubtful as sprayer (sprayer.id)}
				<li class="look">
					<div>
						<b>Calibrate {sprayer.rig.name} again</b>
						<p class="lab">
							Since it was calibrated {sprayer.latest?.signedDay}: {eventWords[
								sprayer.latest!.doubt!
							].name.toLowerCase()}.
						</p>
					</div>
					<a class="btn" href="/rounds/new?sprayer={sprayer.id}" data-sveltekit-preload-data="off">Start the round</a>
				</li>
			{/each}
			{#each data.intervals as interval (interval.id + interval.kind)}
				<li class="straw">
					<div>
						{#if interval.kind === 'entry'}
							<b>{interval.blocks.join(', ')}: nobody goes in until {when(interval.until!)}</b>
							<p class="lab">The label of {interval.product} keeps people out until then. Keep the sign up.</p>
						{:else}
							<b
								>{interval.blocks.join(', ')}: harvest in {interval.days}
								{interval.days === 1 ? 'day' : 'days'} at the earliest</b
							>
							<p class="lab">By the label of {interval.product}.</p>
						{/if}
					</div>
					<a class="btn plain" href="/log/{interval.id}">See the record</a>
				</li>
			{/each}
			{#if data.sprayers.length > 0 && nothing}
				<li>
					<div>
						<b>Nothing waits</b>
						<p class="lab">No job is open, and every sprayer is calibrated.</p>
					</div>
					<a class="btn" href="/jobs/new">Plan a job</a>
				</li>
			{/if}
		</ul>
	</main>
	<aside aria-label="Sprayers">
		<h2>Sprayers</h2>
		{#each data.sprayers as sprayer (sprayer.id)}
			<SprayerCard {...sprayer} settings={data.farm.settings} />
		{/each}
		{#if data.sprayers.length > 0}<a class="btn plain" href="/sprayers/new">Add a sprayer</a>{/if}
	</aside>
</div>

<style>
	.today {
		display: grid;
		grid-template-columns: 1fr 392px;
		min-height: calc(100dvh - 56px);
	}
	main {
		display: grid;
		gap: 18px;
		align-content: start;
		padding: 24px;
	}
	h1 {
		font-size: 2.2rem;
	}
	.now {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 18px;
		align-items: center;
		padding: 20px 22px;
		border-radius: 8px;
		background: var(--dye);
		color: var(--on-dye);
	}
	.now h2 {
		color: inherit;
		font-size: 1.5rem;
	}
	.now p {
		margin-top: 4px;
	}
	.now .btn {
		min-height: 60px;
		border-color: #fff;
		background: #fff;
		color: #0d3d78;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: 12px 1fr auto;
		gap: 16px;
		align-items: center;
		padding: 14px 0;
		border-top: 1px solid var(--rule);
	}
	li::before {
		content: '';
		height: 36px;
		background: var(--dye);
	}
	li.straw::before {
		border: 1px solid var(--straw-edge);
		background: var(--straw-wash);
	}
	li.look::before {
		background: var(--amber);
	}
	li b {
		font-size: 1.08rem;
	}
	aside {
		display: grid;
		gap: 12px;
		align-content: start;
		padding: 24px 20px;
		border-left: 1px solid var(--rule);
		background: var(--paper-deep);
	}
	@media (max-width: 859px) {
		.today {
			grid-template-columns: 1fr;
		}
		main {
			padding: 18px 16px;
		}
		.now,
		li {
			grid-template-columns: 1fr;
		}
		li::before {
			display: none;
		}
		aside {
			border: 0;
			padding: 18px 16px;
		}
	}
</style>
