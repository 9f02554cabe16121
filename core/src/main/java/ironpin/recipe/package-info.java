/**
 * Answers "what does this recipe really say?": a recipe from elsewhere is read line by line, its doughs and fillings are
 * weighed up as the rest of Ironpin weighs them, its own figures are held against each other, and it becomes a batch.
 */
package ironpin.recipe;
