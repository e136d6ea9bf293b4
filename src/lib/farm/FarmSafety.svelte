<!-- @component What a farm tells for the day that something goes wrong. -->
<script lang="ts">
	import { m } from '$words';
	import Field from '$lib/kit/Field.svelte';
	import type { SafetyTexts } from '$lib/forms/safety-form';

	interface Props {
		texts: SafetyTexts;
		problems: Readonly<Record<string, string | undefined>>;
	}
	let { texts = $bindable(), problems }: Props = $props();
</script>

<div>
	<p class="lab">
		{m.shown_with_one_tap_while_mixing()}
	</p>
	<div class="grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-3.5 mt-2.5">
		<Field
			name="emergency"
			label={m.emergency_number()}
			inputmode="tel"
			bind:value={() => texts.emergency, (emergency) => (texts = { ...texts, emergency })}
			problem={problems.emergency}
		/>
		<Field
			name="poison"
			label={m.poison_centre()}
			inputmode="tel"
			bind:value={() => texts.poison, (poison) => (texts = { ...texts, poison })}
			problem={problems.poison}
		/>
		<Field
			name="eyewash"
			label={m.where_clean_water_and_eyewash_are()}
			bind:value={() => texts.eyewash, (eyewash) => (texts = { ...texts, eyewash })}
			problem={problems.eyewash}
			hint={m.like_tap_by_the_mixing_place()}
		/>
	</div>
</div>
