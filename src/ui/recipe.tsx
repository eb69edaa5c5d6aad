import type { LoadRecipe } from '@/core';
import { Plates } from './plates';
import { recipeSentence } from './words/recipes';

/** How to make a load: plates as a drawing, everything else in words. */
export function Recipe({ recipe }: { readonly recipe: LoadRecipe }) {
  if (recipe.kind === 'plates') return <Plates perSide={recipe.perSide} heaviest={recipe.heaviest} />;
  return <span>{recipeSentence(recipe)}</span>;
}
