<!-- @component What a farm tells for the day that something goes wrong, and of where and when its crops grow: both keep people from harm. -->
<script lang="ts">
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
		locating = 'Finding where you are …';
		navigator.geolocation.getCurrentPosition(
			({ coords }) => {
				texts = { ...texts, place: `${coords.latitude.toFixed(4)}, ${coords.longitude.toFixed(4)}` };
				locating = '';
			},
			() => (locating = 'This device does not tell where it is. Write it.'),
			{ timeout: 15_000 }
		);
	}
</script>

<fieldset>
	<legend class="font-semibold">If something goes wrong</legend>
	<p class="lab">
		Shown with one tap while mixing and spraying, without a network too. Write the numbers that hold where you are.
	</p>
	<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
		<Field
			name="emergency"
			label="Emergency number"
			inputmode="tel"
			bind:value={() => texts.emergency, (emergency) => (texts = { ...texts, emergency })}
			problem={problems.emergency}
		/>
		<Field
			name="poison"
			label="Poison centre"
			inputmode="tel"
			bind:value={() => texts.poison, (poison) => (texts = { ...texts, poison })}
			problem={problems.poison}
		/>
		<Field
			name="eyewash"
			label="Where clean water and eyewash are"
			bind:value={() => texts.eyewash, (eyewash) => (texts = { ...texts, eyewash })}
			problem={problems.eyewash}
			hint="Like: tap by the mixing place, bottle in the cab."
		/>
	</div>
</fieldset>
<fieldset>
	<legend class="font-semibold">Where and when</legend>
	<p class="lab">
		From where you are come the hours near sunset, night and sunrise in which drift hangs in still air. A field’s own
		boundary stands above it.
	</p>
	<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
		<div class="place grid gap-1.5 justify-items-start">
			<Field
				name="place"
				label="Where the farm is"
				bind:value={() => texts.place, (place) => (texts = { ...texts, place })}
				problem={problems.place}
				hint="Latitude and longitude, like −30.5, −10.25."
			/>
			<button type="button" class="btn plain" onclick={locate}>Here</button>
			{#if locating}<span class="lab" role="status">{locating}</span>{/if}
		</div>
		<Field
			name="cropSeason"
			label="A season begins on"
			bind:value={() => texts.cropSeason, (cropSeason) => (texts = { ...texts, cropSeason })}
			problem={problems.cropSeason}
			hint="For the limits of labels: month and day, like 09-01. Empty: any twelve months around the job."
		/>
		<Field
			name="windHeight"
			label="Wind limits are meant at"
			type="choice"
			bind:value={() => texts.windHeight, (windHeight) => (texts = { ...texts, windHeight })}
			options={[
				{ value: '2', label: '2 m, where people stand' },
				{ value: '10', label: '10 m, as forecasts give it' }
			]}
			hint="Between the two Fallow counts with {asWritten('1.4', comma)}."
		/>
	</div>
</fieldset>

<style>
	.place > :global(:first-child) {
		width: 100%;
	}
</style>
