// A function says what it does, a verb, or what it gives (`…Of`, `is…`): a participle alone says neither, and came to mean six things.

/** Words that look like participles and are none. */
const NO_PARTICIPLE = new Set(
  'need feed bed red seed speed embed exceed proceed string ring wing king thing nothing everything heading'.split(' '),
);
const IRREGULAR = new Set(
  'told kept known given gone held shown drawn worn taken found done made sold bought lent left said seen sent written chosen met paid spent built'.split(
    ' ',
  ),
);
/** What may stand before a participle: "is named", "use promised", "add owed"; "not found" is a word of HTTP. */
const BEFORE =
  /^(is|are|has|was|can|not|use|on|set|get|add|as|be|in|by|with|without|before|after|write|read|send|list|draw|remember|assert|rank|prepare|turn|ask|make|share|keep|note|record|forget|change|insert|guess|rename|mark|count|take|refuse|fill|leave|credit|end|find|sum|free|drop|open|group|tell|nearest)$/;

/** With one of these between, what follows belongs to what is given: “index of missing”, “session or binned”. */
const LINKS = new Set(['of', 'or', 'by']);

const isParticiple = (word) => IRREGULAR.has(word) || (/(ed|ing)$/.test(word) && !NO_PARTICIPLE.has(word));

/** Is this name a participle, or does it end in one that nothing before it governs? */
export function isBareParticiple(name) {
  const words = name
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase()
    .split(' ');
  const last = words.at(-1) ?? '';
  if (!isParticiple(last)) return false;
  return words.length === 1 || !(BEFORE.test(words[0] ?? '') || words.slice(1, -1).some((word) => LINKS.has(word)));
}

const isFunction = (node) => node?.type === 'ArrowFunctionExpression' || node?.type === 'FunctionExpression';

/** Functions and methods of a module are not named by a participle alone. What is local to a function may be: its use stands beside it. */
export const names = {
  meta: { type: 'suggestion', schema: [] },
  create(context) {
    const check = (id) => {
      if (id?.type === 'Identifier' && /^[a-z]/.test(id.name) && isBareParticiple(id.name))
        context.report({ node: id, message: `“${id.name}” is no name for a function: say what it does, or what it gives.` });
    };
    return {
      'Program > FunctionDeclaration, Program > ExportNamedDeclaration > FunctionDeclaration, Program > ExportDefaultDeclaration > FunctionDeclaration'(
        node,
      ) {
        check(node.id);
      },
      'Program > VariableDeclaration > VariableDeclarator, Program > ExportNamedDeclaration > VariableDeclaration > VariableDeclarator'(
        node,
      ) {
        if (isFunction(node.init)) check(node.id);
      },
      'ClassDeclaration > ClassBody > MethodDefinition'(node) {
        if (node.kind === 'method') check(node.key);
      },
    };
  },
};
