// Rewrites the energy balance's sources so that they reckon two winters at a time, in the two lanes of a
// vector: every number (`f64`) becomes a pair of them, every truth of its own (`Each`) a mask, and every
// operation on them the vector's. What is the same in both winters (`Same`) stays a number, and is spread
// over the lanes where it meets them. Only what the sources use is known here; anything else is an error.
import { resolve } from "node:path";
import ts from "typescript";

/** What an expression is: a pair, a number for both, a mask, one truth for both, or none of these. */
type Kind = "lanes" | "same" | "each" | "bool" | "int" | "other";

interface Written {
  text: string;
  kind: Kind;
}

const OPERATIONS = new Map<ts.SyntaxKind, string>([
  [ts.SyntaxKind.PlusToken, "f64x2.add"],
  [ts.SyntaxKind.MinusToken, "f64x2.sub"],
  [ts.SyntaxKind.AsteriskToken, "f64x2.mul"],
  [ts.SyntaxKind.SlashToken, "f64x2.div"],
  [ts.SyntaxKind.PlusEqualsToken, "f64x2.add"],
  [ts.SyntaxKind.MinusEqualsToken, "f64x2.sub"],
  [ts.SyntaxKind.AsteriskEqualsToken, "f64x2.mul"],
]);
const COMPARISONS = new Map<ts.SyntaxKind, string>([
  [ts.SyntaxKind.GreaterThanToken, "f64x2.gt"],
  [ts.SyntaxKind.GreaterThanEqualsToken, "f64x2.ge"],
  [ts.SyntaxKind.LessThanToken, "f64x2.lt"],
  [ts.SyntaxKind.LessThanEqualsToken, "f64x2.le"],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, "f64x2.eq"],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, "f64x2.ne"],
]);
const TRUTHS = new Map<ts.SyntaxKind, string>([
  [ts.SyntaxKind.AmpersandAmpersandToken, "v128.and"],
  [ts.SyntaxKind.BarBarToken, "v128.or"],
]);
const KINDS: Readonly<Record<string, Kind>> = {
  f64: "lanes",
  Same: "same",
  Each: "each",
  bool: "bool",
  i32: "int",
};
/** In this file numbers are the balance's constants. */
const CONSTANTS = "values.ts";
/** Instead of the file with the names for what is the same and what is not. */
const LANES = `
export function some(each: v128): bool { return v128.any_true(each); }
export function spread(truth: bool): v128 { return truth ? i64x2.splat(-1) : i64x2.splat(0); }
`;

/** The sources in a folder, each as it reckons two winters at a time, by name. */
export function widened(folder: string, names: readonly string[]): Map<string, string> {
  const paths = names.map((name) => resolve(folder, name));
  const program = ts.createProgram([...paths, resolve(folder, "assemblyscript.d.ts")], {
    target: ts.ScriptTarget.ESNext,
    module: ts.ModuleKind.ESNext,
    moduleResolution: ts.ModuleResolutionKind.Bundler,
    noLib: false,
    strict: true,
  });
  const checker = program.getTypeChecker();
  return new Map(
    names.map((name, at) => {
      const file = program.getSourceFile(paths[at] ?? "");
      if (!file) throw new Error(`${name} is not there.`);
      if (name === "lanes.ts") return [name, LANES];
      if (name === CONSTANTS) return [name, file.text];
      return [name, new Widening(file, checker).whole()];
    }),
  );
}

class Widening {
  constructor(
    private readonly file: ts.SourceFile,
    private readonly checker: ts.TypeChecker,
  ) {}

  whole(): string {
    return `import { spread } from "./lanes";\n${this.emit(this.file)}`;
  }

  /** A node as it stands, its expressions and types rewritten. */
  private emit(node: ts.Node): string {
    if (ts.isTypeReferenceNode(node)) return this.type(node);
    if (ts.isImportDeclaration(node)) return this.imports(node);
    if (ts.isVariableDeclaration(node) || ts.isPropertyDeclaration(node))
      return this.declared(node);
    if (ts.isReturnStatement(node) && node.expression) {
      return `${this.before(node)}return ${this.as(node.expression, this.returned(node))};`;
    }
    if (ts.isIfStatement(node)) this.refuseMask(node.expression);
    if (isExpression(node)) return `${this.before(node)}${this.write(node).text}`;
    const children = childrenOf(node);
    if (children.length === 0) return node.getFullText(this.file);
    return children.map((child) => this.emit(child)).join("");
  }

  private before(node: ts.Node): string {
    return this.file.text.slice(node.getFullStart(), node.getStart(this.file));
  }

  private type(node: ts.TypeReferenceNode): string {
    const words = node
      .getText(this.file)
      .replace(/\bf64\b|\bEach\b/g, "v128")
      .replace(/\bSame\b/g, "f64");
    return this.before(node) + words;
  }

  private imports(node: ts.ImportDeclaration): string {
    return node
      .getFullText(this.file)
      .replace(/\btype /g, "")
      .replace(/\b(Each|Same)\b,? ?/g, "")
      .replace(/import \{\s*\} from [^;]*;/, "");
  }

  private declared(node: ts.VariableDeclaration | ts.PropertyDeclaration): string {
    if (!node.initializer)
      return childrenOf(node)
        .map((child) => this.emit(child))
        .join("");
    const kind = node.type ? kindOfType(node.type, this.file) : this.write(node.initializer).kind;
    return childrenOf(node)
      .map((child) =>
        child === node.initializer ? ` ${this.as(node.initializer, kind)}` : this.emit(child),
      )
      .join("");
  }

  /** An expression, as another kind where it has to be. */
  private as(node: ts.Expression, wanted: Kind): string {
    return this.converted(this.write(node), wanted, node);
  }

  private converted({ text, kind }: Written, wanted: Kind, node: ts.Node): string {
    if (wanted === "lanes" && (kind === "same" || kind === "int")) return `f64x2.splat(${text})`;
    if (wanted === "each" && kind === "bool") return `spread(${text})`;
    const isSplit = kind === "lanes" || kind === "each";
    if (isSplit && wanted !== kind && wanted !== "other") {
      throw new Error(`${this.where(node)}: ${kind} where ${wanted} is wanted.`);
    }
    return text;
  }

  private write(node: ts.Expression): Written {
    const raw = node.getText(this.file);
    if (ts.isParenthesizedExpression(node)) {
      const { text, kind } = this.write(node.expression);
      return { text: `(${text})`, kind };
    }
    if (ts.isNumericLiteral(node)) return { text: raw, kind: "same" };
    if (node.kind === ts.SyntaxKind.TrueKeyword || node.kind === ts.SyntaxKind.FalseKeyword) {
      return { text: raw, kind: "bool" };
    }
    if (ts.isAsExpression(node)) {
      return {
        text: `${this.write(node.expression).text} as ${node.type.getText(this.file)}`,
        kind: "other",
      };
    }
    if (ts.isBinaryExpression(node)) return this.binary(node);
    if (ts.isPrefixUnaryExpression(node)) return this.unary(node);
    if (ts.isConditionalExpression(node)) return this.choice(node);
    if (ts.isCallExpression(node)) return this.call(node);
    if (ts.isNewExpression(node)) return this.made(node);
    if (ts.isElementAccessExpression(node)) {
      const { text } = this.write(node.expression);
      const at = this.write(node.argumentExpression).text;
      return { text: `${text}[${at}]`, kind: this.elementKind(node.expression) };
    }
    if (ts.isPropertyAccessExpression(node)) {
      const { text } = this.write(node.expression);
      return { text: `${text}.${node.name.text}`, kind: this.symbolKind(node.name) };
    }
    if (ts.isIdentifier(node)) return { text: raw, kind: this.symbolKind(node) };
    return { text: raw, kind: "other" };
  }

  private binary(node: ts.BinaryExpression): Written {
    const token = node.operatorToken.kind;
    const left = this.write(node.left);
    const sign = node.operatorToken.getText(this.file);
    if (token === ts.SyntaxKind.EqualsToken) {
      return { text: `${left.text} = ${this.as(node.right, left.kind)}`, kind: left.kind };
    }
    const right = this.write(node.right);
    const has = (kind: Kind) => left.kind === kind || right.kind === kind;
    const plain = (kind: Kind) => ({ text: `${left.text} ${sign} ${right.text}`, kind });
    const both = (name: string, kind: Kind): string =>
      `${name}(${this.converted(left, kind, node.left)}, ${this.converted(right, kind, node.right)})`;
    const operation = OPERATIONS.get(token);
    if (operation) {
      if (!has("lanes"))
        return plain(has("int") && !has("same") ? "int" : left.kind === "int" ? "int" : "same");
      const text = both(operation, "lanes");
      return { text: sign.endsWith("=") ? `${left.text} = ${text}` : text, kind: "lanes" };
    }
    const comparison = COMPARISONS.get(token);
    if (comparison) {
      return has("lanes") ? { text: both(comparison, "lanes"), kind: "each" } : plain("bool");
    }
    const truth = TRUTHS.get(token);
    if (truth) return has("each") ? { text: both(truth, "each"), kind: "each" } : plain("bool");
    throw new Error(`${this.where(node)}: ${sign} is not known here.`);
  }

  private unary(node: ts.PrefixUnaryExpression): Written {
    const { text, kind } = this.write(node.operand);
    const sign = ts.tokenToString(node.operator) ?? "";
    if (kind === "each") return { text: `v128.not(${text})`, kind };
    if (kind === "lanes") return { text: `f64x2.neg(${text})`, kind };
    return { text: `${sign}${text}`, kind };
  }

  private choice(node: ts.ConditionalExpression): Written {
    const asked = this.write(node.condition);
    const [yes, no] = [this.write(node.whenTrue), this.write(node.whenFalse)];
    const has = (kind: Kind) => yes.kind === kind || no.kind === kind;
    const isTruth = has("each") || has("bool");
    if (asked.kind === "each") {
      const kind = isTruth ? "each" : "lanes";
      const [first, second] = [
        this.converted(yes, kind, node.whenTrue),
        this.converted(no, kind, node.whenFalse),
      ];
      return { text: `v128.bitselect(${first}, ${second}, ${asked.text})`, kind };
    }
    const kind = has("each") ? "each" : has("lanes") ? "lanes" : yes.kind;
    const [first, second] = [
      this.converted(yes, kind, node.whenTrue),
      this.converted(no, kind, node.whenFalse),
    ];
    return { text: `(${asked.text} ? ${first} : ${second})`, kind };
  }

  private call(node: ts.CallExpression): Written {
    const name = node.expression.getText(this.file);
    const given = node.arguments.map((argument) => this.write(argument));
    if (name === "Math.max" || name === "Math.min") {
      if (!given.some(({ kind }) => kind === "lanes")) {
        return { text: `${name}(${given.map(({ text }) => text).join(", ")})`, kind: "same" };
      }
      const lanes = given.map((one, at) =>
        this.converted(one, "lanes", node.arguments[at] ?? node),
      );
      return { text: `f64x2.${name.slice(-3)}(${lanes.join(", ")})`, kind: "lanes" };
    }
    const declared = this.checker.getResolvedSignature(node)?.declaration;
    const args = given.map((one, at) => {
      const parameter = declared?.parameters[at] as ts.Node | undefined;
      const type = parameter && ts.isParameter(parameter) ? parameter.type : undefined;
      const wanted = type ? kindOfType(type, type.getSourceFile()) : "other";
      return this.converted(one, wanted, node.arguments[at] ?? node);
    });
    const returns = declared?.type;
    const kind =
      returns && ts.isTypeNode(returns) ? kindOfType(returns, returns.getSourceFile()) : "other";
    return { text: `${this.write(node.expression).text}(${args.join(", ")})`, kind };
  }

  private made(node: ts.NewExpression): Written {
    const types = node.typeArguments?.map((type) => this.emit(type).trim()).join(", ");
    const args = node.arguments?.map((argument) => this.write(argument).text).join(", ") ?? "";
    const name = node.expression.getText(this.file);
    return { text: `new ${name}${types ? `<${types}>` : ""}(${args})`, kind: "other" };
  }

  private elementKind(node: ts.Expression): Kind {
    const declaration = this.declarationOf(node);
    const type =
      declaration && "type" in declaration ? (declaration.type as ts.TypeNode) : undefined;
    const words = type?.getText() ?? "";
    if (words !== "StaticArray<f64>") {
      // A local name for an array of a class.
      const initial =
        declaration && ts.isVariableDeclaration(declaration) ? declaration.initializer : undefined;
      return initial && !type ? this.elementKind(initial) : "other";
    }
    return declaration?.getSourceFile().fileName.endsWith(CONSTANTS) ? "same" : "lanes";
  }

  private symbolKind(node: ts.Node): Kind {
    const declaration = this.declarationOf(node);
    if (!declaration) return "other";
    const type = "type" in declaration ? (declaration.type as ts.TypeNode | undefined) : undefined;
    const file = declaration.getSourceFile();
    if (type) {
      const kind = kindOfType(type, file);
      return kind === "lanes" && file.fileName.endsWith(CONSTANTS) ? "same" : kind;
    }
    if (ts.isVariableDeclaration(declaration) && declaration.initializer) {
      return this.write(declaration.initializer).kind;
    }
    return "other";
  }

  private declarationOf(node: ts.Node): ts.Declaration | undefined {
    const named = ts.isPropertyAccessExpression(node) ? node.name : node;
    let symbol = this.checker.getSymbolAtLocation(named);
    if (symbol && (symbol.flags & ts.SymbolFlags.Alias) !== 0) {
      symbol = this.checker.getAliasedSymbol(symbol);
    }
    return symbol?.valueDeclaration;
  }

  private returned(node: ts.Node): Kind {
    let at: ts.Node = node;
    while (!ts.isFunctionLike(at)) at = at.parent;
    return at.type ? kindOfType(at.type, this.file) : "other";
  }

  private refuseMask(node: ts.Expression): void {
    const { kind } = this.write(node);
    if (kind === "each" || kind === "lanes") {
      throw new Error(`${this.where(node)}: what is so in one winter only cannot decide for both.`);
    }
  }

  private where(node: ts.Node): string {
    const { line } = this.file.getLineAndCharacterOfPosition(node.getStart(this.file));
    return `${this.file.fileName}:${line + 1}`;
  }
}

function kindOfType(type: ts.TypeNode, file: ts.SourceFile): Kind {
  return KINDS[type.getText(file)] ?? "other";
}

function childrenOf(node: ts.Node): ts.Node[] {
  return node.getChildren().filter((child) => !ts.isJSDoc(child));
}

function isExpression(node: ts.Node): node is ts.Expression {
  return (
    ts.isBinaryExpression(node) ||
    ts.isConditionalExpression(node) ||
    ts.isCallExpression(node) ||
    ts.isPrefixUnaryExpression(node)
  );
}
