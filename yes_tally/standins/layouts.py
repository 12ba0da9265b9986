"""Ways to lay text out, shared by the made-up commands. Each keeps the truths of what it lays out."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence

from yes_tally.standins.telling import Told, line

Lines = list[Told]
Pair = tuple[str, str]


def dotted(pairs: Iterable[Pair], width: int = 18) -> Lines:
    """``label . . . : value``"""
    return [line(f"{label} {'. ' * ((width - len(label)) // 2)}: {value}", value) for label, value in pairs]


def colons(pairs: Iterable[Pair], width: int = 0, indent: int = 0, mark: str = ": ") -> Lines:
    """``label: value``, the values under each other when a width is given."""
    return [line(f"{' ' * indent}{label.ljust(width)}{mark}{value}".rstrip(), value) for label, value in pairs]


def spaced(pairs: Iterable[Pair], width: int, indent: int = 4) -> Lines:
    """``label      value`` with nothing between but spaces."""
    return [line(f"{' ' * indent}{label.ljust(width)} {value}".rstrip(), value) for label, value in pairs]


def records(items: Iterable[Lines]) -> Lines:
    """Items one after the other, an empty line between them."""
    lines: Lines = []
    for item in items:
        lines += ([Told("")] if lines else []) + item
    return lines


def _widths(rows: Sequence[Sequence[str]]) -> list[int]:
    return [max(len(row[i]) for row in rows) for i in range(len(rows[0]))]


def columns(
    head: Sequence[str], rows: Sequence[Sequence[str]], right: Iterable[int] = (), rule: str = "", gap: str = "  "
) -> Lines:
    """Columns under a head, some to the right; ``rule`` the character that underlines the head, if any."""
    at_right = frozenset(right)
    widths = _widths([head, *rows])

    def row(cells: Sequence[str]) -> Told:
        placed = (
            c.rjust(w) if i in at_right else c.ljust(w) for i, (c, w) in enumerate(zip(cells, widths, strict=True))
        )
        return line(gap.join(placed).rstrip(), *cells)

    ruled = [Told(gap.join(rule * w for w in widths))] if rule else []
    return [row(head), *ruled, *map(row, rows)]


def boxed(head: Sequence[str], rows: Sequence[Sequence[str]]) -> Lines:
    """Columns between upright bars, in a frame."""
    widths = _widths([head, *rows])
    border = Told("+" + "+".join("-" * (w + 2) for w in widths) + "+")

    def row(cells: Sequence[str]) -> Told:
        return line("| " + " | ".join(c.ljust(w) for c, w in zip(cells, widths, strict=True)) + " |", *cells)

    return [border, row(head), border, *map(row, rows), border]


def delimited(head: Sequence[str], rows: Iterable[Sequence[str]], mark: str = ";") -> Lines:
    """Rows with a mark between the cells; cells that hold it are quoted."""

    def row(cells: Sequence[str]) -> Told:
        quoted = (f'"{c}"' if mark in c or '"' in c else c for c in cells)
        return line(mark.join(quoted), *cells)

    return [row(head), *map(row, rows)]


Tree = Mapping[str, object] | Sequence[object] | str


def json_tree(tree: Tree, indent: int = 2) -> Lines:
    """JSON, one value a line. A text that looks like a number or a truth value stays as it is when marked ``raw``."""
    return _json(tree, 0, indent, "", "")


class Raw(Told):
    """A JSON value that is no string: a number, true, false, null."""

    __slots__ = ()


def raw(told: Told) -> Raw:
    """The same text, printed without quotes."""
    return Raw(told, told.truths)


def _json(tree: object, depth: int, indent: int, before: str, after: str) -> Lines:
    pad = " " * depth * indent
    if isinstance(tree, Mapping):
        inner = [(f'"{key}": ', value) for key, value in tree.items()]
        marks = "{}"
    elif isinstance(tree, (list, tuple)):
        inner = [("", value) for value in tree]
        marks = "[]"
    else:
        text = str(tree) if isinstance(tree, Raw) else '"' + str(tree).replace("\\", "\\\\").replace('"', '\\"') + '"'
        return [line(f"{pad}{before}{text}{after}", tree)]
    if not inner:
        return [Told(f"{pad}{before}{marks}{after}")]
    lines = [Told(f"{pad}{before}{marks[0]}")]
    for place, (key, value) in enumerate(inner):
        lines += _json(value, depth + 1, indent, key, "," if place < len(inner) - 1 else "")
    return [*lines, Told(f"{pad}{marks[1]}{after}")]


def xml_tree(name: str, tree: object, depth: int = 0) -> Lines:
    """Elements: mappings nest, sequences repeat the element, texts are its content."""
    pad = "  " * depth
    if isinstance(tree, (list, tuple)):
        return [each for item in tree for each in xml_tree(name, item, depth)]
    if isinstance(tree, Mapping):
        inner = [each for key, value in tree.items() for each in xml_tree(key, value, depth + 1)]
        return [Told(f"{pad}<{name}>"), *inner, Told(f"{pad}</{name}>")]
    text = str(tree).replace("&", "&amp;").replace("<", "&lt;")
    return [line(f"{pad}<{name}>{text}</{name}>" if text else f"{pad}<{name}/>", tree)]


def underlined(text: str, mark: str = "=") -> Lines:
    """A heading with a rule under it."""
    return [Told(text), Told(mark * len(text))]
