<!-- @component A labelled line of a form, with its hint or what is wrong with it. -->
<script lang="ts">
	interface Props {
		label: string;
		value: string;
		problem?: string | undefined;
		hint?: string;
		type?: 'text' | 'date' | 'time';
		name?: string;
		inputmode?: 'text' | 'numeric' | 'decimal' | 'tel';
		autocomplete?: 'off' | 'name';
		required?: boolean;
	}
	let {
		label,
		value = $bindable(),
		problem,
		hint = '',
		type = 'text',
		name,
		inputmode = 'text',
		autocomplete = 'off',
		required = false
	}: Props = $props();
	const id = $props.id();
</script>

<div class="field">
	<label for={id}
		>{label}{#if required}<span aria-hidden="true"> *</span>{/if}</label
	>
	<input
		{id}
		{name}
		{type}
		{inputmode}
		{autocomplete}
		class="field-input"
		bind:value
		aria-required={required}
		aria-invalid={problem !== undefined}
		aria-describedby={problem ? `${id}-problem` : hint ? `${id}-hint` : undefined}
	/>
	{#if problem}<p class="problem" id="{id}-problem" role="alert">✕ {problem}</p>
	{:else if hint}<p class="hint" id="{id}-hint">{hint}</p>{/if}
</div>

<style>
	.field {
		display: grid;
		gap: 0.25rem;
		align-content: start;
		min-width: 0;
	}
	label {
		font-weight: 600;
	}
	.hint {
		color: var(--soft);
		font-size: 0.92rem;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
		font-size: 0.95rem;
	}
</style>
