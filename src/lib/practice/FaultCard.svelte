<!-- @component One fault of the yard: what it was, whether it was found, and what would have shown it. -->
<script lang="ts">
	import { m } from '$words';
	import type { Exercise, GradedFault, Revealing } from '$core';
	import { showFigure } from '$core';
	import { faultText, toolText, yardTime } from '$lib/wording/practice';

	interface Props {
		graded: GradedFault;
		exercise: Pick<Exercise, 'sprayer'>;
		/** What somebody who knows would have done; null: no reading tells, left out: it was found. */
		reading?: Revealing | null | undefined;
		decimalComma: boolean;
	}
	let { graded, exercise, reading, decimalComma }: Props = $props();
	const marks = $derived(
		{
			found: { sign: '✓', words: m.reveal_found(), look: 'bg-dye text-white' },
			misnamed: { sign: '▲', words: m.reveal_misnamed(), look: 'bg-amber-wash text-amber-text' },
			missed: { sign: '✕', words: m.reveal_missed(), look: 'bg-amber-wash text-amber-text' }
		}[graded.grade]
	);
	const share = $derived(showFigure(graded.fault.size * 100, 2, decimalComma));
</script>

<li
	class={['card grid content-start gap-2 border-t-6 p-4', graded.grade === 'found' ? 'border-t-dye' : 'border-t-amber']}
>
	<p><span class="rounded-md px-2.5 py-1 font-semibold {marks.look}">{marks.sign} {marks.words}</span></p>
	<h3 class="text-[1.15rem]">{faultText(graded.fault, exercise)}</h3>
	<p class="lab">{m.reveal_size({ share })} {graded.mended ? m.reveal_mended() : ''}</p>
	{#if graded.as}<p>{m.reveal_called({ what: faultText(graded.as, exercise) })}</p>{/if}
	{#if reading}
		<p>
			<b>{m.reveal_expert()}</b>
			{reading.actions.map((a) => toolText(a, exercise)).join(', ')} ({yardTime(reading.time)}).
		</p>
	{:else if reading === null}<p>{m.reveal_expert_none()}</p>{/if}
</li>
