<!-- @component Where and when the crops of a farm grow: from it come the hours in which drift hangs in still air, and its seasons. -->
<script lang="ts">
	import { m } from '$words';
	import Field from '$lib/kit/Field.svelte';
	import type { SafetyTexts } from '$lib/forms/safety-form';
	import { asWritten } from '$lib/wording/as-written';

	interface Props {
		texts: SafetyTexts;
		problems: Readonly<Record<string, string | undefined>>;
		/** The farm's decimal sign. */
		comma: boolean;
	}
	let { texts = $bindable(), problems, comma }: Props = $props();
	let locating = $state('');

	function locate() {
		locating = m.finding_where_you_are();
		navigator.geolocation.getCurrentPosition(
			({ coords }) => {
				texts = { ...texts, place: `${coords.latitude.toFixed(4)}, ${coords.longitude.toFixed(4)}` };
				locating = '';
			},
			() => (locating = m.this_device_does_not_tell_where()),
			{ timeout: 15_000 }
		);
	}
</script>

<fieldset class="m-0 border-0 p-0">
	<legend class="font-semibold">{m.where_and_when()}</legend>
	<p class="lab">
		{m.from_where_you_are_come_the()}
	</p>
	<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
		<div class="place grid gap-1.5 justify-items-start">
			<Field
				name="place"
				label={m.where_the_farm_is()}
				bind:value={() => texts.place, (place) => (texts = { ...texts, place })}
				problem={problems.place}
				hint={m.latitude_and_longitude_like_30_5()}
			/>
			<button type="button" class="btn plain" onclick={locate}>{m.here()}</button>
			{#if locating}<span class="lab" role="status">{locating}</span>{/if}
		</div>
		<Field
			name="cropSeason"
			label={m.a_season_begins_on()}
			bind:value={() => texts.cropSeason, (cropSeason) => (texts = { ...texts, cropSeason })}
			problem={problems.cropSeason}
			hint={m.for_the_limits_of_labels_month()}
		/>
		<Field
			name="windHeight"
			label={m.wind_limits_are_meant_at()}
			type="choice"
			bind:value={() => texts.windHeight, (windHeight) => (texts = { ...texts, windHeight })}
			options={[
				{ value: '2', label: m.n2_m_where_people_stand() },
				{ value: '10', label: m.n10_m_as_forecasts_give_it() }
			]}
			hint={m.between_the_two_fallow_counts_with({ example: asWritten('1.4', comma) })}
		/>
	</div>
</fieldset>

<style>
	.place > :global(:first-child) {
		width: 100%;
	}
</style>
