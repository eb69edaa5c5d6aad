import type { LoadRecipe } from '@/core';
import { figure } from './figures';

/** How a load is put together, in words. */
export function recipeSentence(recipe: LoadRecipe): string {
  switch (recipe.kind) {
    case 'plates': {
      const { perSide, bar, unit } = recipe;
      const start = bar === 0 ? '' : `${figure(bar)} ${unit} `;
      return perSide.length === 0
        ? `${start}without plates`
        : `${start}plus each side ${perSide.map((weight) => figure(weight)).join(' + ')}`.trim();
    }
    case 'pair':
      return `a pair of ${figure(recipe.weight)} ${recipe.unit}`;
    case 'pin': {
      const extras = recipe.extras.map((weight) => ` + ${figure(weight)}`).join('');
      return `pin at ${figure(recipe.pin)}${extras} ${recipe.unit}`;
    }
    case 'added':
      return `${recipe.pieces.map((weight) => figure(weight)).join(' + ')} ${recipe.unit} on the belt`;
    case 'assisted':
      return `${figure(recipe.assistance)} ${recipe.unit} of assistance`;
    case 'band':
      return `${recipe.band} band, about ${figure(recipe.weight)} ${recipe.unit}`;
    case 'bodyweight alone':
      return 'bodyweight alone';
    case 'not makeable': {
      const near = [recipe.below, recipe.above].flatMap((one) => (one === null ? [] : [figure(one)]));
      return `not available here; nearest ${near.join(' and ')} ${recipe.unit}`;
    }
  }
}
