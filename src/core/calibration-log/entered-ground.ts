import { entered } from '../quantity/entered';
import { fields } from '../quantity/fields';
import type { TypedGround, EnteredGround } from './entered-parts';

export function enteredGround(ground: TypedGround): EnteredGround {
	switch (ground.by) {
		case 'area':
			return { by: 'area', area: entered(fields.area, ground.area) };
		case 'sides':
			return { by: 'sides', length: entered(fields.side, ground.length), width: entered(fields.side, ground.width) };
		case 'row':
			return { by: 'row', row: entered(fields.side, ground.row) };
		case 'block':
			return { by: 'block', block: entered(fields.area, ground.block), share: ground.share };
	}
}
