<!-- @component A file from the device: opened, or dropped here. Whether it is of the right kind is for the reader to say. -->
<script lang="ts">
	import { FileUpload } from '@skeletonlabs/skeleton-svelte';

	interface Props {
		/** What it opens: `Open a CSV`. */
		label: string;
		/** Endings and kinds that the device offers first, as of an `accept`. */
		accept: string;
		ontake: (file: File) => void;
	}
	let { label, accept, ontake }: Props = $props();
</script>

<FileUpload maxFiles={1} onFileAccept={({ files }) => files[0] && ontake(files[0])}>
	<FileUpload.Dropzone class="file-drop" disableClick>
		<FileUpload.Trigger class="btn">{label}</FileUpload.Trigger>
		<span class="lab phone:hidden" aria-hidden="true">or drop it here</span>
		<FileUpload.HiddenInput aria-label={label} {accept} />
	</FileUpload.Dropzone>
</FileUpload>
