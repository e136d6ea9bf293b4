import type { ApexOptions } from 'apexcharts';
import type { Attachment } from 'svelte/attachments';

/** What every chart of Fallow wears: its figures, its rules, no toolbar, no legend; words stand at the lines. */
const clothes: ApexOptions = {
	chart: {
		animations: { enabled: false },
		toolbar: { show: false },
		zoom: { enabled: false },
		fontFamily: 'var(--font-text)',
		foreColor: 'var(--soft)',
		background: 'transparent'
	},
	colors: ['var(--dye)'],
	legend: { show: false },
	grid: { borderColor: 'var(--rule)', strokeDashArray: 3 },
	tooltip: { enabled: false }
};

/** Lays two sets of options over each other, object by object. */
function over(base: object, top: object): object {
	const merged: Record<string, unknown> = { ...base };
	for (const [key, value] of Object.entries(top)) {
		const under = merged[key];
		merged[key] =
			value && under && typeof value === 'object' && typeof under === 'object' && !Array.isArray(value)
				? over(under, value)
				: value;
	}
	return merged;
}

/** What the words at a line or a point wear, by day and by night. */
const labelClothes = {
	borderColor: 'var(--rule)',
	style: { background: 'var(--card)', color: 'var(--ink)', fontSize: '13px' }
};

/** Dresses the words of annotations, which take nothing from the chart around them. */
function labelled({ annotations, ...options }: ApexOptions): ApexOptions {
	if (!annotations) return options;
	const dress = <T extends { label?: object }>(list: T[] | undefined) =>
		list?.map((one) => (one.label ? { ...one, label: over(labelClothes, one.label) } : one));
	const { xaxis, yaxis, points } = annotations;
	return {
		...options,
		annotations: {
			...annotations,
			...(xaxis ? { xaxis: dress(xaxis) } : {}),
			...(yaxis ? { yaxis: dress(yaxis) } : {}),
			...(points ? { points: dress(points) } : {})
		} as ApexOptions['annotations']
	};
}

/** A chart in a box. The package is fetched only here, so that no page without a chart carries it. */
export const chart =
	(options: () => ApexOptions): Attachment<HTMLElement> =>
	(box) => {
		const wanted = over(clothes, labelled(options())) as ApexOptions;
		let gone = false;
		let drawn: { destroy(): void } | null = null;
		void import('apexcharts').then(async ({ default: ApexCharts }) => {
			if (gone) return;
			const made = new ApexCharts(box, wanted);
			drawn = made;
			await made.render();
			box.dataset.drawn = 'true';
		});
		return () => {
			gone = true;
			drawn?.destroy();
		};
	};
