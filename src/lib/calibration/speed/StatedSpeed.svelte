<!-- @component A speed as a dial or a screen tells it, where there is no time for a course: less sure, and it says so. -->
<script lang="ts">
	import { m } from '$words';
	import { dayText } from '$lib/settings/day-text';
	import { untrack } from 'svelte';
	import type { Issue } from '$core';
	import type { CalibrationState } from '$lib/calibration/calibration.svelte';
	import Segmented from '$lib/kit/Segmented.svelte';
	import { say } from '$lib/kit/say';
	import Sheet from '$lib/kit/Sheet.svelte';
	import UnitField from '$lib/kit/UnitField.svelte';
	import { typed } from '$lib/settings/field-units';
	import { keptText } from '$lib/settings/typed-text';
	import { unitChoices } from '$lib/settings/unit-lists';
	import { onMount } from 'svelte';
	import type { DialCheck } from '$core';
	import { fields, readField, si, speedOfDial } from '$core';
	import { device } from '$lib/device/device.svelte';
	import { typedText } from '$lib/settings/typed-text';
	import { show } from '$lib/show/show';
	import { wordIssue } from '$lib/wording/issues';

	let { calibration, open = $bindable() }: { calibration: CalibrationState; open: boolean } = $props();
	const stated = untrack(() => calibration.entered.stated);
	let unit = $state(untrack(() => stated?.speed.typed.unit ?? calibration.units.speed));
	let text = $state(untrack(() => keptText(stated?.speed.typed, unit, calibration.settings)));
	let checked = $state<'corrected' | 'yes' | 'no' | ''>(
		untrack(() => (stated ? (stated.correction ? 'corrected' : stated.checked ? 'yes' : 'no') : ''))
	);
	/** What this sprayer's dial showed at a measured speed, as this device knows it. */
	let check = $state.raw<DialCheck | null>(null);
	onMount(async () => {
		const kept = (await device().store.sprayer(calibration.head.sprayerId))?.dial ?? null;
		const { correction } = stated ?? {};
		check = correction ? { ...correction, dial: correction.dial.typed } : kept;
		if (check && checked === '') checked = 'corrected';
	});
	const corrected = $derived.by(() => {
		if (!check) return null;
		const [shown, dial] = [typed(text, unit, calibration.settings), check.dial].map((t) =>
			readField(fields.dial, t, 'speed')
		);
		if (!shown?.ok || !dial?.ok) return null;
		return show(
			'speed',
			speedOfDial(shown.value.value, si<'speed'>(check.measured), dial.value.value),
			calibration.settings
		).text;
	});
	let problem = $state('');

	const told = (issues: readonly Issue[]) => {
		problem = issues[0] ? wordIssue(issues[0]) : '';
		if (issues.length === 0) open = false;
	};
	async function save() {
		if (checked === '') {
			problem = m.say_whether_this_dial_or_screen();
			return;
		}
		told(
			await calibration.add({
				kind: 'stated-speed',
				speed: typed(text, unit, calibration.settings),
				checked: checked !== 'no',
				...(checked === 'corrected' && check ? { correction: check } : {})
			})
		);
	}
	async function remove() {
		const before = calibration.entries.findLast((e) => e.kind === 'stated-speed');
		told(await calibration.add({ kind: 'stated-speed', speed: null, checked: false }));
		if (before?.kind !== 'stated-speed') return;
		const { kind, speed, checked, correction } = before;
		const again = { kind, speed, checked, ...(correction ? { correction } : {}) };
		say(m.stated_speed_deleted(), { label: m.undo(), run: () => void calibration.add($state.snapshot(again)) });
	}
</script>

<Sheet {open} title={m.state_the_speed()} lead={m.as_the_dial_or_screen_shows()} onclose={() => (open = false)}>
	<UnitField
		label={m.ground_speed()}
		bind:value={text}
		bind:unit
		units={unitChoices('speed', calibration.settings)}
		{problem}
	/>
	<Segmented
		label={m.checked_against_a_course()}
		options={[
			...(check ? [{ value: 'corrected' as const, label: m.correct_it() }] : []),
			{ value: 'yes', label: m.checked_before() },
			{ value: 'no', label: m.never_checked() }
		]}
		value={checked}
		onchange={(v) => (checked = v)}
	/>
	{#if check && checked === 'corrected'}
		<p aria-live="polite">
			{m.on_it_showed_at_measured({
				day: dayText(check.day),
				dial: typedText(check.dial),
				text: show('speed', si<'speed'>(check.measured), calibration.settings).text
			})}
			{#if corrected}
				{m.corrected()} <b class="num text-[1.6rem]">{corrected}</b>{/if}
		</p>
	{/if}
	{#snippet foot()}
		{#if stated}<button type="button" class="btn plain" onclick={() => void remove()}>{m.delete_word()}</button>{/if}
		<button type="button" class="btn go" onclick={() => void save()}>{m.save()}</button>
	{/snippet}
</Sheet>
