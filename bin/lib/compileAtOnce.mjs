// Built scripts as browsers take them fastest.
import { parse } from 'acorn';
import { base, recursive } from 'acorn-walk';
import MagicString from 'magic-string';

/** Whether an arrow function speaks of the `this` or `arguments` of what stands round it. */
function usesOuterThis(arrow) {
  let found = false;
  recursive(
    arrow.body,
    null,
    {
      ThisExpression: () => (found = true),
      MetaProperty: () => (found = true),
      Identifier: ({ name }) => (found ||= name === 'arguments'),
      // Only arrows share it; what else is a function, or stands in a class, has its own.
      Function: (node, state, go) => node.type === 'ArrowFunctionExpression' && base.Function(node, state, go),
      Class: () => undefined,
    },
    base,
  );
  return found;
}

/**
 * A built script is a list of modules, each an arrow function. A browser skims each as it comes in, and reads it a second time, in the
 * thread that draws, when it is called, which is at once. Written as `(function …)` it is compiled while it comes in, beside the drawing.
 * What a module does stays the same: only arrows that know nothing of the `this` round them are rewritten.
 * @param {string} script a built script @returns {string} the same, for a browser to compile at once
 */
export function compileAtOnce(script) {
  const changed = new MagicString(script);
  for (const { expression } of parse(script, { ecmaVersion: 'latest' }).body) {
    if (expression?.type !== 'CallExpression') continue;
    for (const arrow of expression.arguments[0]?.elements ?? []) {
      if (arrow?.type !== 'ArrowFunctionExpression' || arrow.async || arrow.body.type !== 'BlockStatement') continue;
      if (usesOuterThis(arrow)) continue;
      const names = arrow.params.map(({ start, end }) => script.slice(start, end)).join(',');
      changed.overwrite(arrow.start, arrow.body.start, `(function(${names})`).appendRight(arrow.end, ')');
    }
  }
  return changed.toString();
}
