<!-- @component The language of this device: each named as it calls itself. -->
<script lang="ts">
	import { m } from '$words';
	import { getLocale } from '$words/runtime.js';
	import Languages from '@lucide/svelte/icons/languages';
	import { languageNames, languages, isLanguage } from '$lib/language/language';
	import { pick } from './speak';

	interface Props {
		/** In the bar: short, on its dark ground. */
		inBar?: boolean;
	}
	let { inBar = false }: Props = $props();
	const spoken = getLocale();
</script>

<label
	class={inBar
		? 'flex min-h-12 items-center gap-1.5 rounded-[6px] text-bar-soft phone:hidden'
		: 'flex min-h-12 items-center gap-2'}
>
	<Languages size={20} aria-hidden="true" />
	<span class={inBar ? 'sr-only' : ''}>{m.language()}</span>
	<select
		class={inBar ? 'min-h-12 cursor-pointer bg-transparent pr-1 text-inherit' : 'input min-h-12 w-auto'}
		value={spoken}
		onchange={(e) => isLanguage(e.currentTarget.value) && void pick(e.currentTarget.value)}
	>
		{#each languages as language (language)}
			<option value={language} lang={language}>{languageNames[language]}</option>
		{/each}
	</select>
</label>
