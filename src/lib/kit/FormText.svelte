<!-- @component Several lines of a form under one label, with their hint or what is wrong with them. -->
<script lang="ts">
	interface Props {
		label: string;
		value: string;
		name?: string;
		rows?: number;
		problem?: string | undefined;
		hint?: string;
		required?: boolean;
		onchange?: () => void;
	}
	let { label, value = $bindable(), name, rows = 4, problem, hint = '', required = false, onchange }: Props = $props();
	const id = $props.id();
</script>

<div class="field">
	<label for={id}
		>{label}{#if required}<span aria-hidden="true"> *</span>{/if}</label
	>
	<textarea
		{id}
		{name}
		{rows}
		{onchange}
		class="field-input"
		spellcheck="false"
		bind:value
		aria-required={required}
		aria-invalid={!!problem}
		aria-describedby={problem || hint ? `${id}-said` : undefined}></textarea>
	{#if problem}<p class="problem" id="{id}-said" role="alert">✕ {problem}</p>
	{:else if hint}<p class="hint" id="{id}-said">{hint}</p>{/if}
</div>

<style>
	.field {
		display: grid;
		gap: 4px;
	}
	label {
		font-weight: 600;
	}
	textarea {
		resize: vertical;
		font: 500 1rem/1.5 var(--font-text);
	}
	.hint {
		color: var(--soft);
		font-size: 0.92rem;
	}
	.problem {
		color: var(--rust-text);
		font-weight: 600;
	}
</style>
