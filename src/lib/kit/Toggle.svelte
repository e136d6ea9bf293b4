<!-- @component On or off, at once. -->
<script lang="ts">
	import { Switch } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		label: string;
		checked: boolean;
		name?: string;
		onchange?: (on: boolean) => void;
	}
	let { label, checked = $bindable(), name, onchange }: Props = $props();
</script>

<Switch
	{checked}
	{name}
	class="toggle"
	onCheckedChange={(d) => {
		checked = d.checked;
		onchange?.(d.checked);
	}}
>
	<Switch.Control><Switch.Thumb /></Switch.Control>
	<Switch.Label>{label}</Switch.Label>
	<Switch.HiddenInput />
</Switch>
