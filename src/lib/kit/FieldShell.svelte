<!--
@component What stands around every field: its label above, what is wrong or what helps below.
The control itself is handed in, with the attributes that tie it to these words.
-->
<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		label: string;
		problem?: string | null | undefined;
		hint?: string;
		required?: boolean;
		/** For settings beside a drawing. Default false. */
		small?: boolean;
		control: Snippet<[FieldWords]>;
	}
	export interface FieldWords {
		readonly id: string;
		readonly 'aria-invalid': boolean;
		readonly 'aria-required': boolean;
		readonly 'aria-describedby': string | undefined;
	}
	let { label, problem, hint = '', required = false, small = false, control }: Props = $props();
	const id = $props.id();
</script>

<div class="field" class:small>
	<label for={id}
		>{label}{#if required}<span aria-hidden="true"> *</span>{/if}</label
	>
	{@render control({
		id,
		'aria-invalid': !!problem,
		'aria-required': required,
		'aria-describedby': problem || hint ? `${id}-said` : undefined
	})}
	{#if problem}<p class="problem" id="{id}-said" role="alert">✕ {problem}</p>
	{:else if hint}<p class="hint" id="{id}-said">{hint}</p>{/if}
</div>

<style>
	.small > label {
		color: var(--soft);
		font-size: 0.85rem;
		font-weight: 400;
	}
</style>
