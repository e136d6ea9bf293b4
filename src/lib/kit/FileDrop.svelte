<!-- @component A file from the device: opened, or dropped here. Whether it is of the right kind is for the reader to say. -->
<script lang="ts">
	import { m } from '$words';
	import { onMount } from 'svelte';
	import { FileUpload, useFileUpload } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		/** What it opens: `Open a CSV`. */
		label: string;
		/** Endings and kinds that the device offers first, as of an `accept`. */
		accept: string;
		ontake: (file: File) => void;
	}
	let { label, accept, ontake }: Props = $props();

	const id = $props.id();
	const upload = useFileUpload({
		id,
		maxFiles: 1,
		translations: { dropzone: m.drop_a_file() },
		onFileAccept: ({ files: [file] }) => {
			if (!file) return;
			ontake(file);
			// Files are told apart by name and size alone: one that was mended in place would not be taken again.
			queueMicrotask(() => upload().clearFiles());
		}
	});
	// One that was picked before the page had woken up is not lost.
	onMount(() => {
		const input = document.getElementById(String(upload().getHiddenInputProps().id));
		const early = input instanceof HTMLInputElement ? input.files?.[0] : undefined;
		if (early) ontake(early);
	});
</script>

<FileUpload.Provider value={upload}>
	<FileUpload.Dropzone class="file-drop" disableClick>
		<FileUpload.Trigger class="btn">{label}</FileUpload.Trigger>
		<span class="lab phone:hidden" aria-hidden="true">{m.or_drop_it_here()}</span>
		<FileUpload.HiddenInput aria-label={label} {accept} />
	</FileUpload.Dropzone>
</FileUpload.Provider>
