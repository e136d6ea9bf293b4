<!-- @component What the tank says: read before and after, or what brought it back to its mark; and how long it ran parked. -->
<script lang="ts">
	import { m } from '$words';
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import { untrack } from 'svelte';
	import type { TankReading } from '$core';
	import { fields, neededGround, readField, showDecimals, showFigure, factor, quantityOf } from '$core';
	import TankSight from '$lib/drawings/TankSight.svelte';
	import { shortUnit, typed } from '$lib/settings/field-units';
	import { keptText, typedText } from '$lib/settings/typed-text';
	import { spaceBar } from '$lib/kit/attachments';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import type { WatchDevice } from '$lib/calibration/kept-watch';
	import { keptWatch } from '$lib/calibration/kept-watch';
	import CatchTimer from '$lib/calibration/CatchTimer.svelte';
	import QuantityField from '$lib/kit/QuantityField.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { unitsLike } from '$lib/settings/unit-lists';
	import Segmented from '$lib/kit/Segmented.svelte';
	import { asWritten } from '$lib/wording/as-written';

	interface Props {
		state: CalibrationState;
		device: WatchDevice;
		next: string;
		onnext: () => void;
	}
	let { state: calibration, device, next: nextWords, onnext }: Props = $props();

	const watch = untrack(() => keptWatch(device, 'parked', calibration.head.id));

	const comma = $derived(calibration.settings.decimalComma);
	/** Ground was given, or it ran parked for a time. */
	const parked = $derived(
		calibration.method === 'parked-drop' || (calibration.method !== 'refill' && calibration.entered.plot === null)
	);
	const by = $derived(calibration.entered.tankBy);
	const own = $derived(calibration.onFoot ? calibration.units.catch : calibration.units.tank);
	let picked = $state('');
	const unit = $derived(picked || own);
	const volume = (text: string) => {
		const read = readField(fields.tankReading, typed(text, unit, calibration.settings), '');
		return read.ok ? (read.value.value as number) : null;
	};
	const shown = (v: number) => `${showFigure(v / factor('volume', unit), 4, comma)} ${shortUnit(unit)}`;
	let start = $state('');
	let left = $state('');
	let added = $state('');
	let problem = $state('');

	const now = $derived({ start: volume(start), left: volume(left), added: volume(added) });
	const share = (v: number | null) => (v === null ? null : v / calibration.sprayer.tank);
	const levels = $derived(
		by === 'dip'
			? { start: share(now.start), left: share(now.left) }
			: { start: 0.95, left: now.added === null ? null : Math.max(0.05, 0.95 - now.added / calibration.sprayer.tank) }
	);
	const gone = $derived(
		by === 'dip'
			? now.start !== null && now.left !== null
				? shown(now.start - now.left)
				: ''
			: now.added === null
				? ''
				: shown(now.added)
	);
	const courseTime = $derived(calibration.speed && 'times' in calibration.speed.reading ? calibration.ownTime : null);
	const runFor = $derived(calibration.entered.parkedTime ? quantityOf(calibration.entered.parkedTime) : courseTime);
	const readings = $derived(
		calibration.entered.used.map((u) => ({
			...u,
			words:
				'added' in u.reading
					? m.added({ typed: typedText(u.reading.added.typed) })
					: m.to_typed({ typed: typedText(u.reading.start.typed), typed2: typedText(u.reading.left.typed) })
		}))
	);

	async function keep() {
		const text = (t: string) => typed(t, unit, calibration.settings);
		const empty = by === 'dip' ? start.trim() === '' || left.trim() === '' : added.trim() === '';
		if (empty) {
			problem = by === 'dip' ? m.both_levels_are_needed_what_was() : asWritten(m.write_what_was_added_like_12(), comma);
			return;
		}
		if (by === 'dip' && now.start !== null && now.left !== null && now.left >= now.start) {
			problem = m.left_is_not_under_at_the({ left, start });
			return;
		}
		const reading = by === 'dip' ? { start: text(start), left: text(left) } : { added: text(added) };
		const issues = await calibration.add({ kind: 'used', reading });
		if (issues[0]) {
			const { wordIssue } = await import('$lib/wording/issues');
			problem = wordIssue(issues[0]);
			return;
		}
		problem = '';
		start = left = added = '';
	}
	const press = () => {
		if (calibration.signedOff || !parked) return;
		if (!watch.running) return watch.start();
		const time = watch.stop();
		void calibration.add({
			kind: 'parked-time',
			time: typed(time.toFixed(1), 's', { ...calibration.settings, decimalComma: false })
		});
	};
	/** What would make a refill fine enough to judge: a metered hose, or more ground before it is read. */
	const advice = $derived.by(() => {
		const c = calibration.answer;
		if (c?.method !== 'refill' || c.relativeUncertainty95 <= 0.05 || !(c.budget.used! > 0.5)) return '';
		const { sheet } = calibration;
		const times =
			sheet.ok && sheet.value.method === 'refill' ? neededGround(sheet.value, c.rate, calibration.skill, 0.05) : null;
		const now = m.the_is_most_of_it_from({ figure: showFigure(c.relativeUncertainty95 * 100, 2, comma) });
		const what = calibration.entered.plot?.by === 'row' ? m.such_rows() : m.times_this_ground();
		const more =
			times === null
				? ''
				: m.before_you_read_it_that_makes({ which: by === 'mark' ? m.or_spray() : m.spray(), times, what });
		return `${now} ${by === 'mark' ? m.bring_it_back_with_a_metered() : ''}${more}`.replace(/ {2,}/g, ' ');
	});
	const hints: Record<TankReading, string> = {
		dip: m.by_dip_stick_sight_glass_or(),
		mark: m.filled_to_a_mark_then_brought(),
		meter: m.filled_then_brought_back_by_a()
	};
</script>

{#snippet reading(label: string, text: string, write: (text: string) => void)}
	<UnitField
		{label}
		big
		bind:value={() => text, write}
		bind:unit={() => unit, (to) => (picked = to)}
		units={unitsLike(own)}
		disabled={calibration.signedOff}
	/>
{/snippet}

<svelte:window {@attach spaceBar(press)} />

<div class="flex flex-col gap-3 flex-1 min-h-0">
	<div
		class="flex flex-col gap-3 flex-1 min-h-0 phone:my-0 phone:-mx-4 phone:px-4 phone:pt-0 phone:pb-2 phone:overflow-y-auto"
	>
		<div class="flex flex-wrap items-center gap-x-4.5 gap-y-2.5">
			<Segmented
				label={m.how_the_tank_is_read()}
				options={[
					{ value: 'dip', label: m.before_and_after() },
					{ value: 'mark', label: m.back_to_the_mark() },
					{ value: 'meter', label: m.metered_refill() }
				]}
				value={by}
				onchange={(how) => {
					if (!calibration.signedOff) void calibration.add({ kind: 'tank-by', how });
				}}
			/>
			<p class="lab">{hints[by]}</p>
		</div>
		<div
			class="card grid grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] gap-4.5 items-center flex-1 min-h-0 py-3.5 px-4.5 phone:grid-cols-[1fr] phone:flex-none phone:p-2.5"
		>
			<div class="h-full min-h-50 max-h-85 phone:h-42.5 phone:min-h-0">
				<TankSight start={levels.start} left={levels.left} {gone} added={by !== 'dip'} />
			</div>
			<form
				class="grid gap-3"
				onsubmit={(e) => {
					e.preventDefault();
					void keep();
				}}
			>
				{#if by === 'dip'}
					{@render reading(m.in_the_tank_before(), start, (t) => (start = t))}
					{@render reading(m.left_in_it_after(), left, (t) => (left = t))}
				{:else}
					{@render reading(m.added_to_come_back_to_the(), added, (t) => (added = t))}
				{/if}
				<button class="btn go" disabled={calibration.signedOff}>{m.save_this_reading()}</button>
				{#if problem}<p class="problem" role="alert">✕ {problem}</p>{/if}
				<ol aria-label={m.tank_readings()}>
					{#each readings as reading, i (reading.id)}
						<li
							class="grid grid-cols-[24px_1fr_auto] items-center min-h-12 border-t border-dashed border-t-rule"
							class:struck={reading.struck}
						>
							<span class="text-soft">{i + 1}</span><b>{reading.words}</b>
							{#if !reading.struck && !calibration.signedOff}<button
									class="w-12 h-12 text-soft text-[1.1rem] cursor-pointer"
									type="button"
									aria-label={m.strike_reading({ i: i + 1 })}
									title={m.strike_it_it_stays_on_record()}
									onclick={() => void calibration.add({ kind: 'strike', entry: reading.id })}>✕</button
								>{:else if calibration.signedOff}<small>{m.struck()}</small>{:else}<button
									class="grid h-12 w-12 place-items-center text-dye-text cursor-pointer"
									type="button"
									aria-label={m.restore_reading({ i: i + 1 })}
									title={m.restore_it_it_counts_again()}
									onclick={() => void calibration.restore(reading.id)}><Undo2 size={20} aria-hidden="true" /></button
								>{/if}
						</li>
					{:else}
						<li
							class="grid grid-cols-[24px_1fr_auto] items-center min-h-12 border-t border-dashed border-t-rule text-soft"
						>
							<span class="text-soft">1</span>{m.not_read_yet()}
						</li>
					{/each}
				</ol>
			</form>
		</div>
		{#if advice}<p class="look" role="status">▲ {advice}</p>{/if}
		{#if calibration.method === 'refill' && !calibration.signedOff}
			<div class="flex flex-wrap items-center gap-2.5">
				<span class="lab">{m.in_the_same_calibration()}</span>
				<a class="btn plain" href="{calibration.base}/speed">{calibration.speed ? m.ground_speed() : m.time_a_run()}</a>
				<a class="btn plain" href="{calibration.base}/flow">{m.check_the_nozzles()}</a>
			</div>
		{/if}
		{#if parked}
			<div class="grid grid-cols-[minmax(0,260px)_1fr] gap-4.5 items-center phone:grid-cols-[1fr] phone:gap-1">
				<QuantityField
					label={calibration.entered.parkedTime ? m.ran_parked_for() : m.ran_parked_as_long_as_the()}
					kept={calibration.entered.parkedTime
						? keptText(calibration.entered.parkedTime.typed, 's', calibration.settings)
						: courseTime === null
							? ''
							: showDecimals(courseTime, 1, comma)}
					unit="s"
					hint={m.same_rpm_and_pressure_brake_set()}
					disabled={calibration.signedOff}
					commit={(text) => calibration.add({ kind: 'parked-time', time: typed(text, 's', calibration.settings) })}
				/>
				<p class="lab">
					{m.longer_than_the_course_is_better()}
				</p>
			</div>
		{/if}
	</div>
	<div
		class="grid grid-cols-[auto_auto] justify-between gap-4 phone:grid-cols-[1fr_1fr] phone:my-0 phone:-mx-4 phone:px-4 phone:pt-2.5 phone:pb-3 phone:border-t phone:border-t-rule phone:flex-none"
	>
		{#if parked}<CatchTimer {watch} target={runFor} onpress={press} decimalComma={comma} />{:else}<span></span>{/if}
		<button type="button" class="btn ink big" onclick={onnext}>{nextWords} →</button>
	</div>
</div>

<style>
	.struck b {
		text-decoration: line-through;
		color: var(--soft);
	}
</style>
