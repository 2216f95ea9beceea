/** Every text of the interface against the words that docs/voice.md keeps off the screen. */
import { readdirSync, readFileSync } from 'node:fs'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'

const voice = readFileSync('docs/voice.md', 'utf8')

/** The last column of the table of words. */
const AVOIDED: readonly string[] = voice
  .split('\n')
  .filter((line) => /^\| .* \|$/.test(line) && !/^\| (?:we say|---)/.test(line))
  .flatMap((line) => line.split('|')[3]?.split(',') ?? [])
  .map((word) => word.trim())
  .filter((word) => word !== '')

/** What the code names and people never read: a case, a key, a type, an address. */
function isName(node: ts.Node): boolean {
  const { parent } = node
  return (
    ts.isCaseClause(parent) ||
    ts.isLiteralTypeNode(parent) ||
    ts.isImportDeclaration(parent) ||
    ts.isExportDeclaration(parent) ||
    ts.isElementAccessExpression(parent) ||
    (ts.isPropertyAssignment(parent) && parent.name === node) ||
    (ts.isBinaryExpression(parent) &&
      [
        ts.SyntaxKind.EqualsEqualsEqualsToken,
        ts.SyntaxKind.ExclamationEqualsEqualsToken,
        ts.SyntaxKind.InKeyword,
      ].includes(parent.operatorToken.kind))
  )
}

/** The texts of a file: what stands in quotes, and what stands between the holes of a template. */
function textsIn(path: string, source: string): readonly string[] {
  const texts: string[] = []
  const visit = (node: ts.Node): void => {
    if ((ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) && !isName(node))
      texts.push(node.text)
    else if (ts.isTemplateExpression(node))
      texts.push([node.head.text, ...node.templateSpans.map((one) => one.literal.text)].join('…'))
    ts.forEachChild(node, visit)
  }
  visit(ts.createSourceFile(path, source, ts.ScriptTarget.Latest, true))
  return texts
}

/** Where people read what is written: the words, the guided cards, problems, questions, places. */
const READ = [
  ...readdirSync('src/words', { recursive: true, encoding: 'utf8' })
    .filter(
      (name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && name !== 'find/pages.ts',
    )
    .map((name) => `src/words/${name}`),
  'src/core/guide/people.ts',
  'src/core/guide/animals.ts',
  'src/core/cover/needs.ts',
  'src/core/cover/animalNeeds.ts',
  'src/core/cover/schools.ts',
]

describe('the words of the interface', () => {
  it('have a table to be held against', () => {
    expect(AVOIDED.length).toBeGreaterThan(20)
    expect(AVOIDED).toContain('taken off')
  })
  it.each(AVOIDED)('do not say “%s”', (word) => {
    const said = new RegExp(`(?<![\\p{L}-])${word}(?![\\p{L}-])`, 'iu')
    const found = READ.flatMap((path) =>
      textsIn(path, readFileSync(path, 'utf8'))
        .filter((text) => said.test(text))
        .map((text) => `${path}: ${text}`),
    )
    expect(found).toEqual([])
  })
  it('are found in templates as well, and not in what only the code reads', () => {
    const hole = '$' + '{d}'
    const source = `const a = { turns: (d: 'turns') => d === 'turns' ? \`it turns ${hole} now\` : 'x' }`
    expect(textsIn('a.ts', source)).toEqual(['it turns … now', 'x'])
  })
})
