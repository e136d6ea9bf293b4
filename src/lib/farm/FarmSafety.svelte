<!-- @component What a farm tells for the day that something goes wrong, and of where and when its crops grow: both keep people from harm. -->
<script lang="ts">
	import FormField from '$lib/kit/FormField.svelte';
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
	<legend>If something goes wrong</legend>
	<p class="lab">
		Shown with one tap while mixing and spraying, without a network too. Write the numbers that hold where you are.
	</p>
	<div class="lines">
		<FormField
			name="emergency"
			label="Emergency number"
			inputmode="tel"
			bind:value={() => texts.emergency, (emergency) => (texts = { ...texts, emergency })}
			problem={problems.emergency}
		/>
		<FormField
			name="poison"
			label="Poison centre"
			inputmode="tel"
			bind:value={() => texts.poison, (poison) => (texts = { ...texts, poison })}
			problem={problems.poison}
		/>
		<FormField
			name="eyewash"
			label="Where clean water and eyewash are"
			bind:value={() => texts.eyewash, (eyewash) => (texts = { ...texts, eyewash })}
			problem={problems.eyewash}
			hint="Like: tap by the mixing place, bottle in the cab."
		/>
	</div>
</fieldset>
<fieldset>
	<legend>Where and when</legend>
	<p class="lab">
		From where you are come the hours near sunset, night and sunrise in which drift hangs in still air. A field’s own
		boundary stands above it.
	</p>
	<div class="lines">
		<div class="place">
			<FormField
				name="place"
				label="Where the farm is"
				bind:value={() => texts.place, (place) => (texts = { ...texts, place })}
				problem={problems.place}
				hint="Latitude and longitude, like −30.5, −10.25."
			/>
			<button type="button" class="btn plain" onclick={locate}>Here</button>
			{#if locating}<span class="lab" role="status">{locating}</span>{/if}
		</div>
		<FormField
			name="cropSeason"
			label="A season begins on"
			bind:value={() => texts.cropSeason, (cropSeason) => (texts = { ...texts, cropSeason })}
			problem={problems.cropSeason}
			hint="For the limits of labels: month and day, like 09-01. Empty: any twelve months around the job."
		/>
		<label class="height"
			>Wind limits are meant at
			<select
				class="field-input"
				name="windHeight"
				bind:value={() => texts.windHeight, (windHeight) => (texts = { ...texts, windHeight })}
			>
				<option value="2">2 m, where people stand</option>
				<option value="10">10 m, as forecasts tell it</option>
			</select>
			<span class="lab">Between the two Fallow counts with {asWritten('1.4', comma)}.</span>
		</label>
	</div>
</fieldset>

<style>
	fieldset {
		margin: 0;
		padding: 0;
		border: 0;
	}
	legend {
		padding: 0;
		font-weight: 600;
	}
	.lines {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
		gap: 14px;
		margin-top: 10px;
	}
	.place {
		display: grid;
		gap: 6px;
		justify-items: start;
	}
	.place > :global(:first-child) {
		width: 100%;
	}
	.height {
		display: grid;
		gap: 4px;
		align-content: start;
		font-weight: 600;
	}
	.height .lab {
		font-weight: 400;
	}
</style>
