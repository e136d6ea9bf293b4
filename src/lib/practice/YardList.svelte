<!-- @component The exercises from easy to hard, with how each went last. -->
<script lang="ts">
	import { m } from '$words';
	import type { PracticeSprayerName } from '$core';
	import { exercises, practiceSprayers } from '$core';
	import { typedText } from '$lib/settings/typed-text';
	import { carriedWords, kindWords } from '$lib/wording/describe-sprayer';
	import { methodWords } from '$lib/wording/methods';
	import { exerciseTitle, levelWords } from '$lib/wording/practice';
	import type { KeptPractice } from './kept-practice';

	let { kept, onbegin }: { kept: readonly KeptPractice[]; onbegin: (exercise: string) => void } = $props();

	const levels = [1, 2, 3, 4] as const;
	const lastOf = (exercise: string) => kept.find((k) => k.exercise === exercise && !k.free && k.result);
	const openOf = (exercise: string) => kept.find((k) => k.exercise === exercise && !k.free && !k.result);
	const loose = $derived(kept.filter((k) => k.free).slice(0, 4));
	const kindName = (name: PracticeSprayerName) => {
		const { sprayer } = practiceSprayers[name];
		return sprayer.carried ? carriedWords[sprayer.carried] : kindWords[sprayer.kind].name;
	};
</script>

{#each levels as level (level)}
	<section class="grid gap-3">
		<h2>{levelWords[level]}</h2>
		<ul class="grid gap-3" style="grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr))">
			{#each exercises.filter((e) => e.level === level) as exercise (exercise.id)}
				{@const last = lastOf(exercise.id)}
				{@const open = openOf(exercise.id)}
				<li class="card grid content-start gap-2 p-4">
					<h3 class="text-[1.15rem]">{exerciseTitle(exercise)}</h3>
					<p class="lab">{kindName(exercise.sprayer)} · {methodWords[exercise.method].name}</p>
					<p>
						{m.practice_goal_short({ goal: typedText(exercise.goal), minutes: exercise.minutes })}
					</p>
					{#if last?.result}
						<p>
							<b class={last.result.inside ? 'text-moss-text' : 'text-amber-text'}
								>{last.result.inside ? m.practice_held() : m.practice_not_held()}</b
							>{#if last.result.count > 0}
								· {m.practice_found_of({ found: last.result.found, count: last.result.count })}{/if}
							· <a href="/practice/{last.id}/reveal">{m.practice_last()}</a>
						</p>
					{/if}
					<div class="mt-auto flex flex-wrap gap-2">
						{#if open}<a class="btn go" href="/practice/{open.id}/ready">{m.practice_go_on()}</a>{/if}
						<button
							type="button"
							class={['btn', open ? 'plain' : 'go']}
							aria-label="{open || last ? m.practice_new_faults() : m.practice_begin()}: {exerciseTitle(exercise)}"
							onclick={() => onbegin(exercise.id)}>{open || last ? m.practice_new_faults() : m.practice_begin()}</button
						>
					</div>
				</li>
			{/each}
		</ul>
	</section>
{/each}
{#if loose.length > 0}
	<section class="grid gap-2">
		<h2>{m.practice_free_before()}</h2>
		<ul class="grid gap-1">
			{#each loose as one (one.id)}
				<li>
					<a class="inline-grid min-h-12 content-center" href="/practice/{one.id}/{one.result ? 'reveal' : 'ready'}"
						>{exerciseTitle({ id: one.exercise })} · {one.result ? m.practice_last() : m.practice_go_on()}</a
					>
				</li>
			{/each}
		</ul>
	</section>
{/if}
